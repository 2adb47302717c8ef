<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Blank;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Wubbin\Core\Blank\BlankKind;
use Wubbin\Core\Blank\BlankSize;
use Wubbin\Core\Blank\LineStyle;
use Wubbin\Core\Blank\Shape;
use Wubbin\Core\Blank\Tone;
use Wubbin\Core\Blank\Zone;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Colour;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Measure\Rect;
use Wubbin\Core\Tests\Orchard;

final class BlankTest extends TestCase
{
    /** @return iterable<string, array{BlankKind, BlankSize}> */
    public static function sizes(): iterable
    {
        foreach (Orchard::catalogue()->blanks as $kind) {
            foreach ($kind->sizes as $size) {
                yield $kind->id . ' ' . $size->id => [$kind, $size];
                foreach (Shape::Garment === $kind->shape ? ['back', 'left-sleeve'] : [] as $side) {
                    yield $kind->id . ' ' . $size->id . ' ' . $side => [$kind, $size->seenFrom($side)];
                }
            }
        }
    }

    #[DataProvider('sizes')]
    public function testTheDrawingIsTrueToItsMeasures(BlankKind $kind, BlankSize $size): void
    {
        $outline = $size->drawing[0];
        self::assertTrue($outline->closed);
        if (null !== $size->taper) {
            // Of a ring; how true that is, TaperTest measures.
            self::assertEqualsWithDelta($size->taper->slantMm(), $size->heightMm, 1e-9);

            return;
        }
        self::assertSame(LineStyle::Visible, $outline->style);
        $bottom = max([0.0, ...array_column($outline->points, 1)]);
        self::assertSame($size->heightMm, $bottom, 'as long as measured, from its upper edge');
        $hem = array_column(array_filter($outline->points, static fn(array $p): bool => $p[1] === $bottom), 0);
        self::assertEqualsWithDelta(
            $size->widthMm,
            max([0.0, ...$hem]) - min([0.0, ...$hem]),
            null === $size->from ? 1e-9 : 0.16 * $size->widthMm,
            'as wide as measured; a sleeve narrows',
        );
    }

    #[DataProvider('sizes')]
    public function testTheDrawingIsTheSameOnBothSides(BlankKind $kind, BlankSize $size): void
    {
        $points = $size->drawing[0]->points;
        $mirrored = array_map(static fn(array $p): array => [-$p[0], $p[1]], $points);
        usort($points, static fn(array $a, array $b): int => $a <=> $b);
        usort($mirrored, static fn(array $a, array $b): int => $a <=> $b);
        self::assertEqualsWithDelta($points, $mirrored, 0.011);
    }

    #[DataProvider('sizes')]
    public function testThePrintAreaLiesOnTheBlankAndInItsMiddle(BlankKind $kind, BlankSize $size): void
    {
        self::assertLessThanOrEqual($size->widthMm, $size->printArea->size->widthMm);
        self::assertGreaterThanOrEqual(0.0, $size->printArea->yMm);
        self::assertLessThanOrEqual($size->heightMm, $size->printArea->bottom());
        self::assertEqualsWithDelta(0.0, $size->printArea->xMm + $size->printArea->right(), 1e-9);
    }

    /** Source: the circle, circumference = π × diameter. */
    #[DataProvider('sizes')]
    public function testARoundBlankIsUnrolledToItsCircumference(BlankKind $kind, BlankSize $size): void
    {
        self::assertSame($kind->shape->isRound(), null !== $size->diameterMm);
        if (null !== $size->diameterMm) {
            self::assertEqualsWithDelta(\M_PI * $size->diameterMm, $size->widthMm, 0.01);
        }
    }

    public function testAMugsHandleIsKeptClear(): void
    {
        $mug = Orchard::catalogue()->blanks['mug']->sizes['mug-ordinary'];
        self::assertEqualsWithDelta(35.0, $mug->widthMm - $mug->printArea->size->widthMm, 0.01);
    }

    public function testChildrensSizesAreKnownAsSuch(): void
    {
        $sizes = Orchard::catalogue()->blanks['shirt']->sizes;
        self::assertTrue($sizes['child-9']->forChild());
        self::assertFalse($sizes['M']->forChild());
    }

    /**
     * Common practice, no source: white and very light cloth for clear film, mid tones with a warning, dark ones not.
     */
    #[TestWith(['#ffffff', Tone::White])]
    #[TestWith(['#f4ecd8', Tone::White])]
    #[TestWith(['#bcd6e6', Tone::VeryLight])]
    #[TestWith(['#d9a441', Tone::Mid])]
    #[TestWith(['#1f4d2b', Tone::Dark])]
    #[TestWith(['#111111', Tone::Dark])]
    public function testTones(string $hex, Tone $tone): void
    {
        self::assertSame($tone, Orchard::catalogue()->colours->tones->toneOf(Colour::hex($hex)));
    }

    /**
     * Source: the circle, circumference = π × diameter. What is kept clear of rim, foot and handle stays the model's.
     */
    public function testABlankIsCopiedWithMeasuresOfItsOwn(): void
    {
        $mug = self::copy('mug', 'mug-ordinary', ['diameter_mm' => 90, 'height_mm' => 100]);
        self::assertEqualsWithDelta(\M_PI * 90.0, $mug->widthMm, 0.01);
        self::assertEqualsWithDelta(\M_PI * 90.0 - 35.0, $mug->printArea->size->widthMm, 0.01);
        self::assertSame(100.0 - 8.0 - 6.0, $mug->printArea->size->heightMm);
        self::assertTrue($mug->isOwn());
        self::assertSame(
            [
                'id' => 'own',
                'like' => 'mug-ordinary',
                'label' => 'Ours',
                'diameter_mm' => 90.0,
                'height_mm' => 100.0,
                'top_mm' => 8.0,
                'foot_mm' => 6.0,
                'handle_mm' => 35.0,
            ],
            $mug->toRecord(),
        );
        self::assertSame(
            [350.0, 390.0],
            [
                self::copy('tote', 'tote', ['width_mm' => 350, 'height_mm' => 390])->widthMm,
                self::copy('tote', 'tote', ['width_mm' => 350, 'height_mm' => 390])->heightMm,
            ],
        );
    }

    public function testACopyOfAChildsShirtIsForAChild(): void
    {
        self::assertTrue(self::copy('shirt', 'child-9', ['chest_mm' => 410, 'length_mm' => 570])->forChild());
    }

    /** @param array<string, float> $measures */
    #[TestWith(['mug', 'mug-ordinary', ['diameter_mm' => 9, 'height_mm' => 95], 'diameter_mm', '10 mm'])]
    #[TestWith(['mug', 'mug-ordinary', ['diameter_mm' => 82, 'height_mm' => 2001], 'height_mm', '2000 mm'])]
    #[
        TestWith([
            'mug',
            'mug-ordinary',
            ['diameter_mm' => 82, 'height_mm' => 14],
            'diameter_mm',
            'no print area is left',
        ]),
    ]
    #[TestWith(['mug', 'mug-ordinary', ['diameter_mm' => 0, 'height_mm' => 95], 'diameter_mm', '10 mm'])]
    #[
        TestWith([
            'mug',
            'mug-tapered',
            ['rim_diameter_mm' => 0, 'foot_diameter_mm' => 60, 'height_mm' => 95],
            'rim_diameter_mm',
            '10 mm',
        ]),
    ]
    #[
        TestWith([
            'mug',
            'mug-tapered',
            ['rim_diameter_mm' => 80, 'foot_diameter_mm' => 0, 'height_mm' => 95],
            'foot_diameter_mm',
            '10 mm',
        ]),
    ]
    #[
        TestWith([
            'mug',
            'mug-tapered',
            ['rim_diameter_mm' => 80, 'foot_diameter_mm' => 80, 'height_mm' => 95],
            'foot_diameter_mm',
            'straight',
        ]),
    ]
    #[
        TestWith([
            'shirt',
            'M',
            ['chest_mm' => 500, 'length_mm' => 720, 'print_width_mm' => 520],
            'print_width_mm',
            'no print area is left',
        ]),
    ]
    #[TestWith(['shirt', 'M', ['chest_mm' => 500, 'length_mm' => 720, 'print_drop_mm' => -5], 'print_drop_mm', '0 mm'])]
    #[TestWith(['tote', 'tote', ['width_mm' => 80, 'height_mm' => 420], 'width_mm', 'no print area is left'])]
    #[TestWith(['shirt', 'M', ['chest_mm' => 290, 'length_mm' => 720], 'chest_mm', 'no print area is left'])]
    #[TestWith(['shirt', 'M', ['chest_mm' => 500, 'length_mm' => 459], 'chest_mm', 'no print area is left'])]
    public function testABlankThatCannotBeIsRefusedAtItsMeasure(
        string $kind,
        string $like,
        array $measures,
        string $field,
        string $message,
    ): void {
        try {
            self::copy($kind, $like, $measures);
            self::fail('It was let through.');
        } catch (BadRecord $e) {
            self::assertSame($field, $e->field);
            self::assertStringContainsString($message, $e->getMessage());
        }
    }

    public function testAPrintAreaOfOnesOwnIsTakenAsMeasured(): void
    {
        $shirt = self::copy('shirt', 'M', [
            'chest_mm' => 500,
            'length_mm' => 720,
            'print_width_mm' => 260,
            'print_height_mm' => 310,
            'print_drop_mm' => 75,
        ]);
        self::assertEquals(Rect::mm(-130.0, 75.0, 260.0, 310.0), $shirt->printArea);
    }

    /** A pocket is drawn where it is, told of when a picture lies over it, and survives being written down. */
    public function testAPocketIsKeptClear(): void
    {
        $pocket = [
            'label' => 'pocket',
            'side' => 'front',
            'right_mm' => 95.0,
            'below_mm' => 140.0,
            'width_mm' => 110.0,
            'height_mm' => 130.0,
            'hole' => false,
        ];
        $shirt = Orchard::catalogue()->blanks['shirt']->sizes['M']->copiedAs(
            Record::of(['id' => 'own', 'label' => 'Ours', 'chest_mm' => 500, 'length_mm' => 720, 'zones' => [$pocket]]),
        );
        self::assertEquals(Rect::mm(40.0, 140.0, 110.0, 130.0), $shirt->zonesOn('front')[0]->rect);
        self::assertSame([], $shirt->zonesOn('back'));
        self::assertSame([$pocket], $shirt->toRecord()['zones'] ?? null);
    }

    /** @param array<string, float> $over */
    #[TestWith([['width_mm' => 0.0], 'width_mm'])]
    #[TestWith([['height_mm' => -3.0], 'height_mm'])]
    #[TestWith([['right_mm' => 2001.0], 'right_mm'])]
    public function testAZoneThatCannotBeIsRefused(array $over, string $field): void
    {
        try {
            Zone::fromRecord(
                Record::of(
                    $over + [
                        'label' => 'pocket',
                        'side' => 'front',
                        'right_mm' => 0.0,
                        'below_mm' => 10.0,
                        'width_mm' => 50.0,
                        'height_mm' => 50.0,
                        'hole' => false,
                    ],
                ),
            );
            self::fail('It was let through.');
        } catch (BadRecord $e) {
            self::assertSame($field, $e->field);
        }
    }

    public function testASleeveIsMeasuredFromItsShoulderSeam(): void
    {
        $sleeve = Orchard::catalogue()->blanks['shirt']->sizes['M']->seenFrom('left-sleeve');
        self::assertSame('shoulder seam', $sleeve->from);
        self::assertTrue(
            $sleeve->printArea->within(Rect::mm(-$sleeve->widthMm / 2.0, 0.0, $sleeve->widthMm, $sleeve->heightMm)),
        );
        self::assertNull(Orchard::catalogue()->blanks['shirt']->sizes['M']->seenFrom('back')->from);
    }

    public function testAPieceTracedFromOneSideIsTurnedOverForTheOther(): void
    {
        $traced = Orchard::catalogue()->blanks['shirt']->sizes['M']->copiedAs(
            Record::of([
                'id' => 'own',
                'label' => 'Ours',
                'outlines' => ['front' => ['points' => '0 0 300 0 400 500 0 500', 'overscan_mm' => 8.0]],
            ]),
        );
        self::assertSame(400.0, $traced->widthMm);
        self::assertEqualsWithDelta(100.0, self::rightmost($traced->seenFrom('front'), 0.0), 1e-9);
        self::assertEqualsWithDelta(200.0, self::rightmost($traced->seenFrom('back'), 0.0), 1e-9);
        self::assertEquals(Rect::mm(-208.0, -8.0, 416.0, 516.0), $traced->printArea);
        self::assertEquals(
            $traced,
            Orchard::catalogue()->blanks['shirt']->sizes['M']->copiedAs(Record::of($traced->toRecord())),
        );
    }

    /** How far right the outline reaches at a height. */
    private static function rightmost(BlankSize $size, float $y): float
    {
        return max([
            -\INF,
            ...array_column(array_filter($size->drawing[0]->points, static fn(array $p): bool => $p[1] === $y), 0),
        ]);
    }

    /** @param array<string, float> $measures */
    private static function copy(string $kind, string $like, array $measures): BlankSize
    {
        return Orchard::catalogue()->blanks[$kind]->sizes[$like]->copiedAs(
            Record::of(['id' => 'own', 'label' => 'Ours'] + $measures),
        );
    }
}
