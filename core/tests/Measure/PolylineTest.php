<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Measure;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Polyline;

/** Elementary geometry of closed lines. */
final class PolylineTest extends TestCase
{
    private const SQUARE = [[0.0, 0.0], [10.0, 0.0], [10.0, 10.0], [0.0, 10.0]];

    public function testASquareIsFourSidesRound(): void
    {
        self::assertSame(40.0, Polyline::length(self::SQUARE));
    }

    public function testItIsSteppedEvenlyAllTheWayRound(): void
    {
        $points = Polyline::stepped(self::SQUARE, 2.5);
        self::assertCount(16, $points);
        self::assertEqualsWithDelta([2.5, 0.0], $points[1], 1e-9);
        self::assertEqualsWithDelta([0.0, 2.5], $points[15], 1e-9);
    }

    /** A circle by so many points keeps to its circle by the tolerance, with far fewer of them. */
    #[TestWith([0.01])]
    #[TestWith([0.1])]
    #[TestWith([1.0])]
    public function testSimplifyingMissesByNoMoreThanTheTolerance(float $tolerance): void
    {
        $circle = array_map(static fn (int $i): array => [50.0 * cos(deg2rad($i)), 50.0 * sin(deg2rad($i))], range(0, 359));
        $simple = Polyline::simplified($circle, $tolerance);
        self::assertLessThan(360, count($simple));
        foreach ($simple as $i => $point) {
            $next = $simple[($i + 1) % count($simple)];
            // The chord's middle is where it misses the circle most.
            self::assertLessThanOrEqual($tolerance + 0.01, 50.0 - hypot(($point[0] + $next[0]) / 2.0, ($point[1] + $next[1]) / 2.0));
        }
    }

    public function testPointsOfAStraightSideAreLeftOut(): void
    {
        self::assertCount(4, Polyline::simplified([[0.0, 0.0], [4.0, 0.0], [10.0, 0.0], [10.0, 10.0], [5.0, 10.0], [0.0, 10.0]], 0.01));
    }

    public function testTheCornersOfASquareAreFourAndACircleHasNone(): void
    {
        self::assertSame(4, Polyline::corners(Polyline::stepped(self::SQUARE, 2.0), 40.0));
        $circle = array_map(static fn (int $i): array => [50.0 * cos(deg2rad($i)), 50.0 * sin(deg2rad($i))], range(0, 359));
        self::assertSame(0, Polyline::corners(Polyline::stepped($circle, 2.0), 40.0));
    }

    #[TestWith([5.0, 5.0, true])]
    #[TestWith([0.1, 9.9, true])]
    #[TestWith([-0.1, 5.0, false])]
    #[TestWith([5.0, 10.1, false])]
    #[TestWith([20.0, 5.0, false])]
    public function testWhatLiesWithinIsHeld(float $x, float $y, bool $held): void
    {
        self::assertSame($held, Polyline::holds(self::SQUARE, [$x, $y]));
    }

    public function testAHollowIsNotWithin(): void
    {
        $u = [[0.0, 0.0], [10.0, 0.0], [10.0, 10.0], [7.0, 10.0], [7.0, 3.0], [3.0, 3.0], [3.0, 10.0], [0.0, 10.0]];
        self::assertFalse(Polyline::holds($u, [5.0, 8.0]));
        self::assertTrue(Polyline::holds($u, [5.0, 1.0]));
        self::assertTrue(Polyline::holds($u, [8.5, 8.0]));
    }

    public function testSmoothingTakesTheStepsOutOfALine(): void
    {
        $stairs = [[0.0, 0.0], [1.0, 0.0], [1.0, 1.0], [2.0, 1.0], [2.0, 2.0], [0.0, 2.0]];
        self::assertLessThan(Polyline::length($stairs), Polyline::length(Polyline::smoothed($stairs)));
    }

    public function testNumbersInPairsAreReadAndAnOddOneIsRefused(): void
    {
        self::assertSame([[0.25, -1.0], [3.0, 0.5]], Polyline::fromText('0.25 -1 3 0.5'));
        $this->expectException(BadRecord::class);
        Polyline::fromText('0.25 -1 3');
    }
}
