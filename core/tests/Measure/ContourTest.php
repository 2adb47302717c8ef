<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Measure;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Contour;
use Wubbin\Core\Measure\Rect;
use Wubbin\Core\Measure\SelfCrossing;

/** Elementary geometry of closed lines. */
final class ContourTest extends TestCase
{
    private const SQUARE = [[0.0, 0.0], [10.0, 0.0], [10.0, 10.0], [0.0, 10.0]];

    public function testASquareIsFourSidesRound(): void
    {
        self::assertSame(40.0, Contour::length(self::SQUARE));
    }

    public function testItIsSteppedEvenlyAllTheWayRound(): void
    {
        $points = Contour::stepped(self::SQUARE, 2.5);
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
        $circle = array_map(
            static fn(int $i): array => [50.0 * cos(deg2rad($i)), 50.0 * sin(deg2rad($i))],
            range(0, 359),
        );
        $simple = Contour::simplified($circle, $tolerance);
        self::assertLessThan(360, count($simple));
        foreach ($simple as $i => $point) {
            $next = $simple[($i + 1) % count($simple)];
            // The chord's middle is where it misses the circle most.
            self::assertLessThanOrEqual(
                $tolerance + 0.01,
                50.0 - hypot(($point[0] + $next[0]) / 2.0, ($point[1] + $next[1]) / 2.0),
            );
        }
    }

    public function testPointsOfAStraightSideAreLeftOut(): void
    {
        self::assertCount(
            4,
            Contour::simplified([[0.0, 0.0], [4.0, 0.0], [10.0, 0.0], [10.0, 10.0], [5.0, 10.0], [0.0, 10.0]], 0.01),
        );
    }

    public function testTheCornersOfASquareAreFourAndACircleHasNone(): void
    {
        self::assertSame(4, Contour::corners(Contour::stepped(self::SQUARE, 2.0), 40.0));
        $circle = array_map(
            static fn(int $i): array => [50.0 * cos(deg2rad($i)), 50.0 * sin(deg2rad($i))],
            range(0, 359),
        );
        self::assertSame(0, Contour::corners(Contour::stepped($circle, 2.0), 40.0));
    }

    #[TestWith([5.0, 5.0, true])]
    #[TestWith([0.1, 9.9, true])]
    #[TestWith([-0.1, 5.0, false])]
    #[TestWith([5.0, 10.1, false])]
    #[TestWith([20.0, 5.0, false])]
    public function testWhatLiesWithinIsHeld(float $x, float $y, bool $held): void
    {
        self::assertSame($held, Contour::holds(self::SQUARE, [$x, $y]));
    }

    public function testAHollowIsNotWithin(): void
    {
        $u = [[0.0, 0.0], [10.0, 0.0], [10.0, 10.0], [7.0, 10.0], [7.0, 3.0], [3.0, 3.0], [3.0, 10.0], [0.0, 10.0]];
        self::assertFalse(Contour::holds($u, [5.0, 8.0]));
        self::assertTrue(Contour::holds($u, [5.0, 1.0]));
        self::assertTrue(Contour::holds($u, [8.5, 8.0]));
    }

    public function testSmoothingTakesTheStepsOutOfALine(): void
    {
        $stairs = [[0.0, 0.0], [1.0, 0.0], [1.0, 1.0], [2.0, 1.0], [2.0, 2.0], [0.0, 2.0]];
        self::assertLessThan(Contour::length($stairs), Contour::length(Contour::smoothed($stairs)));
    }

    public function testNumbersInPairsAreReadAndAnOddOneIsRefused(): void
    {
        self::assertSame([[0.25, -1.0], [3.0, 0.5]], Contour::fromText('0.25 -1 3 0.5'));
        $this->expectException(BadRecord::class);
        Contour::fromText('0.25 -1 3');
    }

    public function testAreaIsAboveZeroWithTheClock(): void
    {
        self::assertSame(12.0, Contour::area([[0.0, 0.0], [4.0, 0.0], [4.0, 3.0], [0.0, 3.0]]));
        self::assertSame(-12.0, Contour::area([[0.0, 3.0], [4.0, 3.0], [4.0, 0.0], [0.0, 0.0]]));
    }

    public function testALineThatCrossesItselfIsToldWithItsSides(): void
    {
        self::assertSame([0, 2], SelfCrossing::of([[0.0, 0.0], [4.0, 4.0], [4.0, 0.0], [0.0, 4.0]]));
        self::assertNull(SelfCrossing::of([[0.0, 0.0], [4.0, 0.0], [4.0, 4.0], [0.0, 4.0]]));
    }

    public function testDistanceIsToTheNearestSide(): void
    {
        $square = [[0.0, 0.0], [4.0, 0.0], [4.0, 4.0], [0.0, 4.0]];
        self::assertEqualsWithDelta(3.0, Contour::distance($square, [7.0, 2.0]), 1e-12);
        self::assertEqualsWithDelta(5.0, Contour::distance($square, [7.0, 8.0]), 1e-12);
        self::assertEqualsWithDelta(1.0, Contour::distance($square, [1.0, 2.0]), 1e-12);
    }

    /**
     * A diamond of diagonal 4 has the area 8; a square of 2 in its middle lies wholly within it, one of 8 wholly round
     * it.
     */
    public function testThePartWithinARectangle(): void
    {
        $diamond = [[0.0, -2.0], [2.0, 0.0], [0.0, 2.0], [-2.0, 0.0]];
        $area = static fn(Rect $rect): float => abs(Contour::area(Contour::within($diamond, $rect)));
        self::assertEqualsWithDelta(4.0, $area(Rect::mm(-1.0, -1.0, 2.0, 2.0)), 1e-12);
        self::assertEqualsWithDelta(8.0, $area(Rect::mm(-4.0, -4.0, 8.0, 8.0)), 1e-12);
        self::assertEqualsWithDelta(4.0, $area(Rect::mm(0.0, -4.0, 8.0, 8.0)), 1e-12);
        self::assertSame(0.0, $area(Rect::mm(5.0, 5.0, 1.0, 1.0)));
    }

    /** A square of 40 with a tab of 10 × 20: the area grows by the tab, the length by its two sides. */
    public function testATabStandsOnTheTop(): void
    {
        $square = [[0.0, 0.0], [40.0, 0.0], [40.0, 40.0], [0.0, 40.0]];
        $tabbed = Contour::withTab($square, 20.0, 10.0);
        self::assertEqualsWithDelta(1600.0 + 200.0, Contour::area($tabbed), 1e-9);
        self::assertEqualsWithDelta(160.0 + 40.0, Contour::length($tabbed), 1e-9);
        self::assertSame(-20.0, Contour::box($tabbed)->yMm);
    }

    public function testATabStandsOnTheHighestPointOfADisc(): void
    {
        $disc = [[100.0, 50.0]];
        for ($i = 1; $i < 200; ++$i) {
            $disc[] = [50.0 + 50.0 * cos((2.0 * \M_PI * $i) / 200.0), 50.0 + 50.0 * sin((2.0 * \M_PI * $i) / 200.0)];
        }
        $tabbed = Contour::withTab($disc, 30.0, 40.0);
        self::assertNull(SelfCrossing::of($tabbed));
        self::assertEqualsWithDelta(-30.0, Contour::box($tabbed)->yMm, 1e-6);
        // The strip from the top down to the circle: 40 × 30, and the part between the circle and its topmost level.
        $segment = 50.0 ** 2 * asin(0.4) - 20.0 * sqrt(50.0 ** 2 - 20.0 ** 2);
        $above = 40.0 * (50.0 - sqrt(50.0 ** 2 - 20.0 ** 2)) - $segment;
        self::assertEqualsWithDelta(Contour::area($disc) + 1200.0 + $above, Contour::area($tabbed), 3.0);
    }
}
