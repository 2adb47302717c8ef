<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Artwork;

use PHPUnit\Framework\TestCase;
use Wubbin\Core\Artwork\Letters;
use Wubbin\Core\Artwork\Mask;

/** Blocks stand for letters: their heights are known. */
final class LettersTest extends TestCase
{
    /** @param list<array{int, int, int, int}> $blocks left, top, width and height */
    private static function page(array $blocks): Mask
    {
        return Shapes::mask(400, 200, static function (float $x, float $y) use ($blocks): bool {
            foreach ($blocks as [$left, $top, $wide, $high]) {
                if ($x > $left && $x < $left + $wide && $y > $top && $y < $top + $high) {
                    return true;
                }
            }

            return false;
        });
    }

    public function testTheSmallestOfTwoLinesIsTold(): void
    {
        $lines = [];
        for ($i = 0; $i < 8; ++$i) {
            $lines[] = [20 + 40 * $i, 30, 20, 40];
            $lines[] = [20 + 25 * $i, 120, 8, 14];
        }
        self::assertEqualsWithDelta(14.0 / 400.0, Letters::smallest(self::page($lines)), 1e-9);
    }

    public function testADrawingADotAndARuleAreNone(): void
    {
        self::assertNull(Letters::smallest(self::page([[20, 10, 160, 150], [200, 20, 6, 6], [20, 180, 300, 4]])));
    }

    public function testNothingAtAllIsNone(): void
    {
        self::assertNull(Letters::smallest(self::page([])));
    }
}
