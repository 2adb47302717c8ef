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
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Colour;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Tests\Orchard;

final class BlankTest extends TestCase
{
    /** @return iterable<string, array{BlankKind, BlankSize}> */
    public static function sizes(): iterable
    {
        foreach (Orchard::catalogue()->blanks as $kind) {
            foreach ($kind->sizes as $size) {
                yield $kind->id.' '.$size->id => [$kind, $size];
            }
        }
    }

    #[DataProvider('sizes')]
    public function testTheDrawingIsTrueToItsMeasures(BlankKind $kind, BlankSize $size): void
    {
        $outline = $size->drawing[0];
        self::assertTrue($outline->closed);
        self::assertSame(LineStyle::Visible, $outline->style);
        $bottom = max([0.0, ...array_column($outline->points, 1)]);
        self::assertSame($size->heightMm, $bottom, 'as long as measured, from its upper edge');
        $hem = array_column(array_filter($outline->points, static fn (array $p): bool => $p[1] === $bottom), 0);
        self::assertEqualsWithDelta($size->widthMm, max([0.0, ...$hem]) - min([0.0, ...$hem]), 1e-9, 'as wide as measured');
    }

    #[DataProvider('sizes')]
    public function testTheDrawingIsTheSameOnBothSides(BlankKind $kind, BlankSize $size): void
    {
        $points = $size->drawing[0]->points;
        $mirrored = array_map(static fn (array $p): array => [-$p[0], $p[1]], $points);
        usort($points, static fn (array $a, array $b): int => $a <=> $b);
        usort($mirrored, static fn (array $a, array $b): int => $a <=> $b);
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
        self::assertSame(Shape::Round === $kind->shape, null !== $size->diameterMm);
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

    /** Common practice, no source: white and very light cloth for clear film, mid tones with a warning, dark ones not. */
    #[TestWith(['#ffffff', Tone::White])]
    #[TestWith(['#f4ecd8', Tone::White])]
    #[TestWith(['#bcd6e6', Tone::VeryLight])]
    #[TestWith(['#d9a441', Tone::Mid])]
    #[TestWith(['#1f4d2b', Tone::Dark])]
    #[TestWith(['#111111', Tone::Dark])]
    public function testTones(string $hex, Tone $tone): void
    {
        self::assertSame($tone, Orchard::catalogue()->tones->toneOf(Colour::hex($hex)));
    }

    /** Source: the circle, circumference = π × diameter. What is kept clear of rim, foot and handle stays the model's. */
    public function testABlankIsCopiedWithMeasuresOfItsOwn(): void
    {
        $mug = self::copy('mug', 'mug-ordinary', ['diameter_mm' => 90, 'height_mm' => 100]);
        self::assertEqualsWithDelta(\M_PI * 90.0, $mug->widthMm, 0.01);
        self::assertEqualsWithDelta(\M_PI * 90.0 - 35.0, $mug->printArea->size->widthMm, 0.01);
        self::assertSame(100.0 - 8.0 - 6.0, $mug->printArea->size->heightMm);
        self::assertTrue($mug->isOwn());
        self::assertSame(['id' => 'own', 'like' => 'mug-ordinary', 'label' => 'Ours', 'diameter_mm' => 90.0, 'height_mm' => 100.0], $mug->toRecord());
        self::assertSame([350.0, 390.0], [self::copy('tote', 'tote', ['width_mm' => 350, 'height_mm' => 390])->widthMm, self::copy('tote', 'tote', ['width_mm' => 350, 'height_mm' => 390])->heightMm]);
    }

    public function testACopyOfAChildsShirtIsForAChild(): void
    {
        self::assertTrue(self::copy('shirt', 'child-9', ['chest_mm' => 410, 'length_mm' => 570])->forChild());
    }

    /** @param array<string, float> $measures */
    #[TestWith(['mug', 'mug-ordinary', ['diameter_mm' => 9, 'height_mm' => 95], 'diameter_mm', '10 mm'])]
    #[TestWith(['mug', 'mug-ordinary', ['diameter_mm' => 82, 'height_mm' => 2001], 'height_mm', '2000 mm'])]
    #[TestWith(['mug', 'mug-ordinary', ['diameter_mm' => 82, 'height_mm' => 14], 'diameter_mm', 'nothing of its print area is left'])]
    #[TestWith(['tote', 'tote', ['width_mm' => 80, 'height_mm' => 420], 'width_mm', 'nothing of its print area is left'])]
    #[TestWith(['shirt', 'M', ['chest_mm' => 290, 'length_mm' => 720], 'chest_mm', 'nothing of its print area is left'])]
    #[TestWith(['shirt', 'M', ['chest_mm' => 500, 'length_mm' => 459], 'chest_mm', 'nothing of its print area is left'])]
    public function testABlankThatCannotBeIsRefusedAtItsMeasure(string $kind, string $like, array $measures, string $field, string $message): void
    {
        try {
            self::copy($kind, $like, $measures);
            self::fail('It was let through.');
        } catch (BadRecord $e) {
            self::assertSame($field, $e->field);
            self::assertStringContainsString($message, $e->getMessage());
        }
    }

    /** @param array<string, float> $measures */
    private static function copy(string $kind, string $like, array $measures): BlankSize
    {
        return Orchard::catalogue()->blanks[$kind]->sizes[$like]->copiedAs(Record::of(['id' => 'own', 'label' => 'Ours'] + $measures));
    }
}
