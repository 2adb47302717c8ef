<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Lettering;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Wubbin\Core\Lettering\Align;
use Wubbin\Core\Lettering\Face;
use Wubbin\Core\Lettering\Fitter;
use Wubbin\Core\Lettering\Lettering;
use Wubbin\Core\Lettering\TextStyle;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Colour;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Measure\Size;

final class FitterTest extends TestCase
{
    private static function fit(
        string $text,
        float $largest = 10.0,
        float $smallest = 2.0,
        int $lines = 1,
        Align $align = Align::Middle,
        float $arch = 0.0,
    ): Lettering {
        return (new Fitter(new BlockTypeface()))->fit(
            $text,
            Size::mm(100.0, 20.0),
            TextStyle::of(Face::Upright, Colour::hex('#000000'), $largest, $smallest, $lines, $align, $arch),
        );
    }

    public function testAShortTextIsAsLargeAsItMayBe(): void
    {
        $fitted = self::fit('Rowan');
        self::assertSame(10.0, $fitted->capitalMm);
        // Five squares of 10 mm in the middle of 100 × 20 mm.
        $box = $fitted->outline->box();
        self::assertEqualsWithDelta(
            [25.0, 5.0, 50.0, 10.0],
            [$box?->xMm, $box?->yMm, $box?->size->widthMm, $box?->size->heightMm],
            1e-6,
        );
        // Strokes as wide as a capital is high.
        self::assertTrue($fitted->isLegible(1.0, 10.0));
        self::assertFalse($fitted->isLegible(1.0, 10.1));
        self::assertFalse($fitted->isLegible(0.1, 1.1));
    }

    public function testALongOneShrinksToItsRoom(): void
    {
        self::assertEqualsWithDelta(5.0, self::fit(str_repeat('x', 20))->capitalMm, 1e-9);
    }

    public function testWhatWouldBeTooSmallIsBrokenFirst(): void
    {
        $text = 'Marchbanks Featherstone Wood';
        self::assertSame([$text], self::fit($text, smallest: 3.0, lines: 2)->lines);
        $two = self::fit($text, smallest: 5.0, lines: 2);
        self::assertSame(['Marchbanks', 'Featherstone Wood'], $two->lines);
        self::assertEqualsWithDelta(100.0 / 17.0, $two->capitalMm, 1e-9);
        self::assertFalse($two->tooLong);
    }

    public function testWhatDoesNotFitEvenSoIsSaidToBeTooLong(): void
    {
        $fitted = self::fit(str_repeat('x', 60), smallest: 2.0);
        self::assertTrue($fitted->tooLong);
        self::assertLessThanOrEqual(100.0 + 1e-6, $fitted->outline->box()?->right());
    }

    public function testOwnBreaksAreKept(): void
    {
        self::assertSame(['a', 'bc'], self::fit("a\r\n bc ", lines: 2)->lines);
        self::assertSame(['a bc'], self::fit("a\nbc")->lines);
    }

    #[TestWith([Align::Left, 0.0])]
    #[TestWith([Align::Middle, 40.0])]
    #[TestWith([Align::Right, 80.0])]
    public function testLinesStandWhereTheyAreWanted(Align $align, float $left): void
    {
        self::assertEqualsWithDelta($left, self::fit('ab', align: $align)->outline->box()?->xMm, 1e-6);
    }

    #[TestWith([0.3])]
    #[TestWith([0.1])]
    #[TestWith([-0.2])]
    public function testAnArchStaysInItsRoomAndRisesAsMuchAsIsWanted(float $arch): void
    {
        $fitted = self::fit('abcdefgh', arch: $arch);
        $box = $fitted->outline->box();
        self::assertGreaterThanOrEqual(-1e-6, $box?->xMm);
        self::assertLessThanOrEqual(100.0 + 1e-6, $box?->right());
        self::assertGreaterThanOrEqual(-1e-6, $box?->yMm);
        self::assertLessThanOrEqual(20.0 + 1e-6, $box?->bottom());
        // The feet of the outermost letters stand 3.5 letters from the middle, those beside it half a one: of the arc's
        // rise that is nearly (3.5² − 0.5²) / 4².
        $loops = $fitted->outline->loops(0.01);
        $foot = static fn(int $letter): float => ($loops[$letter][0][1] + $loops[$letter][1][1]) / 2.0;
        $rise = ($foot(0) + $foot(7)) / 2.0 - ($foot(3) + $foot(4)) / 2.0;
        $wanted = 0.75 * $arch * 8.0 * $fitted->capitalMm;
        self::assertEqualsWithDelta($wanted, $rise, 0.06 * abs($wanted));
    }

    public function testLettersThatTheFaceLacksAreNamedOnce(): void
    {
        $fitted = self::fit('Fußgroß');
        self::assertSame(['ß'], $fitted->missing);
    }

    public function testNothingIsDrawnOfNothing(): void
    {
        self::assertNull(self::fit('   ')->outline->box());
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function badStyles(): iterable
    {
        yield 'too small' => [['largest_mm' => 0.5], 'largest_mm'];
        yield 'smallest above largest' => [['smallest_mm' => 20.0], 'smallest_mm'];
        yield 'no lines' => [['lines' => 0], 'lines'];
        yield 'too steep' => [['arch' => 0.4], 'arch'];
        yield 'no colour' => [['colour' => 'dark'], 'colour'];
        yield 'no such face' => [['face' => 'gothic'], 'face'];
    }

    /** @param array<string, mixed> $over */
    #[DataProvider('badStyles')]
    public function testABadStyleNamesItsField(array $over, string $field): void
    {
        try {
            TextStyle::fromRecord(
                Record::of(
                    $over + [
                        'face' => 'slab',
                        'colour' => '#112233',
                        'largest_mm' => 10.0,
                        'smallest_mm' => 2.0,
                        'lines' => 1,
                        'align' => 'left',
                        'arch' => 0.0,
                    ],
                ),
            );
            self::fail('It was let through.');
        } catch (BadRecord $e) {
            self::assertSame($field, $e->field);
        }
    }
}
