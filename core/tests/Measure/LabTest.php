<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Measure;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Wubbin\Core\Measure\Colour;
use Wubbin\Core\Measure\Lab;

/** Checked against culori, a general-purpose colour library, whose figures are in fixtures/colours.csv. */
final class LabTest extends TestCase
{
    /** @return iterable<string, array{string, string, list<float>}> */
    public static function pairs(): iterable
    {
        $lines = array_slice((array) file(__DIR__ . '/../fixtures/colours.csv', \FILE_IGNORE_NEW_LINES), 1);
        foreach ($lines as $i => $line) {
            $cells = explode(',', (string) $line);
            yield $i . ' ' . $cells[0] . ' ' . $cells[1] => [
                $cells[0],
                $cells[1],
                array_map(floatval(...), array_slice($cells, 2)),
            ];
        }
    }

    /** @param list<float> $expected */
    #[DataProvider('pairs')]
    public function testAPairOfColoursIsAsTheLibraryHasIt(string $one, string $other, array $expected): void
    {
        [$l, $a, $b, $difference, $contrast] = $expected;
        [$first, $second] = [Colour::hex($one), Colour::hex($other)];
        $lab = Lab::of($first);
        self::assertEqualsWithDelta([$l, $a, $b], [$lab->l, $lab->a, $lab->b], 0.02);
        self::assertEqualsWithDelta($difference, $lab->difference(Lab::of($second)), 0.02);
        self::assertEqualsWithDelta($contrast, $first->contrastWith($second), 0.002);
    }

    public function testAtLeastFiveHundredPairsAreCompared(): void
    {
        self::assertGreaterThanOrEqual(500, count(iterator_to_array(self::pairs())));
    }

    public function testADifferenceIsTheSameBothWays(): void
    {
        [$one, $two] = [Lab::of(Colour::hex('#1f4d2b')), Lab::of(Colour::hex('#c8102e'))];
        self::assertEqualsWithDelta($one->difference($two), $two->difference($one), 1e-9);
        self::assertSame(0.0, $one->difference($one));
    }

    #[TestWith(['#000000'])]
    #[TestWith(['#0a0b0c'])]
    #[TestWith(['#7f3fd2'])]
    #[TestWith(['#ffffff'])]
    public function testLinearLightThereAndBack(string $hex): void
    {
        self::assertSame($hex, Colour::ofLinear(...Colour::hex($hex)->linearChannels())->toHex());
    }

    public function testWhatIsBeyondLightIsCutOff(): void
    {
        self::assertSame('#ff0080', Colour::ofLinear(1.7, -0.2, 0.2158605)->toHex());
    }
}
