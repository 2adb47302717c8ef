<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Artwork;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Wubbin\Core\Artwork\MarchingSquares;

/** Level lines of fields whose lines are known. */
final class MarchingSquaresTest extends TestCase
{
    /** The distance from a point has circles for its level lines. */
    #[TestWith([4.0])]
    #[TestWith([9.3])]
    #[TestWith([15.0])]
    public function testOfADistanceItIsACircle(float $radius): void
    {
        $loops = MarchingSquares::loops(
            self::field(static fn(int $x, int $y): float => hypot($x - 20.0, $y - 20.0)),
            41,
            $radius,
        );
        self::assertCount(1, $loops);
        foreach ($loops[0] as [$x, $y]) {
            self::assertEqualsWithDelta($radius, hypot($x - 20.0, $y - 20.0), 0.05);
        }
    }

    /** Of a slope the line is straight, and lies between pixels where the level does. */
    public function testBetweenPixelsItIsInterpolated(): void
    {
        // A valley along the middle column: 3.25 to either side.
        $loops = MarchingSquares::loops(
            self::field(static fn(int $x, int $y): float => $y < 2 || $y > 38 ? 99.0 : abs($x - 20.0)),
            41,
            3.25,
        );
        $xs = array_filter(
            array_column($loops[0], 0),
            static fn(float $x): bool => abs($x - 16.75) < 1e-9 || abs($x - 23.25) < 1e-9,
        );
        self::assertGreaterThan(60, count($xs));
    }

    public function testARingHasALineOutsideAndOneInsideThatRunsTheOtherWay(): void
    {
        $loops = MarchingSquares::loops(
            self::field(static fn(int $x, int $y): float => abs(hypot($x - 20.0, $y - 20.0) - 10.0)),
            41,
            3.0,
        );
        self::assertCount(2, $loops);
        $areas = array_map(self::area(...), $loops);
        sort($areas);
        self::assertEqualsWithDelta([-\M_PI * 49.0, \M_PI * 169.0], $areas, 3.0);
    }

    /** Two pixels that touch at a corner: joined or apart by what lies between them on the mean. */
    #[TestWith([0.4, 1])]
    #[TestWith([0.6, 2])]
    public function testASaddleIsToldByTheMeanOfItsCorners(float $low, int $loops): void
    {
        $field = array_fill(0, 36, 1.0);
        [$field[14], $field[21]] = [0.0, 0.0];
        [$field[15], $field[20]] = [$low, $low];
        self::assertCount($loops, MarchingSquares::loops($field, 6, 0.25));
    }

    public function testWithoutACrossingThereIsNoLine(): void
    {
        self::assertSame([], MarchingSquares::loops(array_fill(0, 25, 1.0), 5, 0.5));
    }

    /**
     * @param callable(int, int): float $at
     *
     * @return list<float> 41 wide and high
     */
    private static function field(callable $at): array
    {
        $field = [];
        for ($y = 0; $y < 41; ++$y) {
            for ($x = 0; $x < 41; ++$x) {
                $field[] = $at($x, $y);
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
