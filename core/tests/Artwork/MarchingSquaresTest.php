<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Artwork;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Wubbin\Core\Artwork\MarchingSquares;

/** Level lines of fields whose lines are known. */
final class MarchingSquaresTest extends TestCase
{
    /** Points of the fields are told in tenths. */
    private const TENTHS = 10;

    /** The distance from a point has circles for its level lines. */
    #[TestWith([40])]
    #[TestWith([93])]
    #[TestWith([150])]
    public function testOfADistanceItIsACircle(int $level): void
    {
        $loops = MarchingSquares::loops(
            self::field(static fn(int $x, int $y): float => hypot($x - 20.0, $y - 20.0)),
            41,
            $level,
        );
        $radius = $level / self::TENTHS;
        self::assertCount(1, $loops);
        foreach ($loops[0] as [$x, $y]) {
            self::assertEqualsWithDelta($radius, hypot($x - 20.0, $y - 20.0), 0.1);
        }
    }

    /** Of a slope the line is straight, and lies between pixels where the level does. */
    public function testBetweenPixelsItIsInterpolated(): void
    {
        // A valley along the middle column: 3.2 to either side.
        $loops = MarchingSquares::loops(
            self::field(static fn(int $x, int $y): float => $y < 2 || $y > 38 ? 25.0 : abs($x - 20.0)),
            41,
            32,
        );
        $xs = array_filter(
            array_column($loops[0], 0),
            static fn(float $x): bool => abs($x - 16.8) < 1e-9 || abs($x - 23.2) < 1e-9,
        );
        self::assertGreaterThan(60, count($xs));
    }

    public function testARingHasALineOutsideAndOneInsideThatRunsTheOtherWay(): void
    {
        $loops = MarchingSquares::loops(
            self::field(static fn(int $x, int $y): float => abs(hypot($x - 20.0, $y - 20.0) - 10.0)),
            41,
            30,
        );
        self::assertCount(2, $loops);
        $areas = array_map(self::area(...), $loops);
        sort($areas);
        self::assertEqualsWithDelta([-\M_PI * 49.0, \M_PI * 169.0], $areas, 3.0);
    }

    /** Two pixels that touch at a corner: joined or apart by what lies between them on the mean. */
    #[TestWith(["\x64", 1])]
    #[TestWith(["\x96", 2])]
    public function testASaddleIsToldByTheMeanOfItsCorners(string $low, int $loops): void
    {
        $field = str_repeat("\xfa", 36);
        [$field[14], $field[21]] = ["\0", "\0"];
        [$field[15], $field[20]] = [$low, $low];
        self::assertCount($loops, MarchingSquares::loops($field, 6, 62));
    }

    public function testWithoutACrossingThereIsNoLine(): void
    {
        self::assertSame([], MarchingSquares::loops(str_repeat("\xff", 25), 5, 128));
    }

    /**
     * @param callable(int, int): float $at
     *
     * @return string a byte each, 41 wide and high
     */
    private static function field(callable $at): string
    {
        $field = '';
        for ($y = 0; $y < 41; ++$y) {
            for ($x = 0; $x < 41; ++$x) {
                $field .= chr((int) round(min(255.0, self::TENTHS * $at($x, $y))));
            }
        }

        return $field;
    }

    /** @param non-empty-list<array{float, float}> $loop */
    private static function area(array $loop): float
    {
        $twice = 0.0;
        foreach ($loop as $i => $point) {
            $next = $loop[($i + 1) % count($loop)];
            $twice += $point[0] * $next[1] - $next[0] * $point[1];
        }

        return $twice / 2.0;
    }
}
