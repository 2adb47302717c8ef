<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Blank;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Wubbin\Core\Blank\Cylinder;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\QuantityParser;
use Wubbin\Core\Measure\UnreadableQuantity;

/**
 * Elementary geometry of a circle seen from outside; formulas in trade figures: arccos(r/D), D·r·sin θ/(D − r·cos θ).
 */
final class CylinderTest extends TestCase
{
    /** @param float $degrees arccos(r/D) by table */
    #[TestWith([80.0, 80.0, 60.0])]
    #[TestWith([82.0, 600.0, 86.0818])]
    #[TestWith([70.0, 350.0, 84.2608])]
    public function testAsMuchIsSeenAsTheLineOfSightGrazes(float $diameter, float $eye, float $degrees): void
    {
        self::assertEqualsWithDelta(
            (deg2rad($degrees) * $diameter) / 2.0,
            Cylinder::across($diameter)->seenArc($eye),
            1e-3,
        );
    }

    /** By ray tracing: the sight line from the eye through the point of the wall meets the plane of the axis there. */
    #[TestWith([20.0])]
    #[TestWith([-35.0])]
    #[TestWith([50.0])]
    public function testAPointIsSeenWhereItsRayMeetsTheMiddlePlane(float $arc): void
    {
        [$r, $eye] = [41.0, 600.0];
        $angle = $arc / $r;
        [$px, $pz] = [$r * sin($angle), $r * cos($angle)];
        $ray = ($px * $eye) / ($eye - $pz);
        self::assertEqualsWithDelta($ray, Cylinder::across(82.0)->seenAt($arc, $eye), 1e-9);
    }

    /** From far away a strip at 45° looks cos 45° as wide: 71 %; from near by less. */
    public function testASideShrinksByItsCosineFromFarAndMoreFromNear(): void
    {
        $mug = Cylinder::across(82.0);
        $at45 = (\M_PI / 4.0) * 41.0;
        self::assertEqualsWithDelta(cos(\M_PI / 4.0), $mug->shrink($at45, 1e7), 1e-4);
        self::assertLessThan(0.7, $mug->shrink($at45, 600.0));
        self::assertSame(1.0, $mug->shrink(0.0, 600.0));
        self::assertEqualsWithDelta(0.0, $mug->shrink($mug->seenArc(600.0), 600.0), 1e-9);
    }

    /** The shrinking is the slope of where points are seen. */
    public function testShrinkingIsTheSlope(): void
    {
        $candle = Cylinder::across(70.0);
        $slope = static fn(float $arc): float => ($candle->seenAt($arc + 0.001, 500.0) -
            $candle->seenAt($arc - 0.001, 500.0)) /
            0.002;
        foreach ([0.0, 10.0, 25.0, 40.0] as $arc) {
            self::assertEqualsWithDelta($slope($arc) / $slope(0.0), $candle->shrink($arc, 500.0), 1e-5);
        }
    }

    /** Farther away more is seen, and the sides shrink less. */
    public function testItIsSeenFromSeveralDistances(): void
    {
        $views = Cylinder::across(82.0)->views();
        self::assertCount(3, $views);
        self::assertSame([600.0, 1200.0, 3000.0], array_column($views, 'distance_mm'));
        self::assertGreaterThan($views[0]['seen_mm'], $views[2]['seen_mm']);
        self::assertGreaterThan($views[0]['at_45'], $views[2]['at_45']);
        self::assertCount(1, Cylinder::across(2500.0)->views(), 'nobody stands within it');
    }

    public function testTheFrontGoesFromEdgeToEdge(): void
    {
        $front = Cylinder::across(82.0)->front(600.0, 8);
        self::assertCount(9, $front);
        self::assertSame([0.0, 0.0], $front[4]);
        self::assertEqualsWithDelta($front[0][1], -$front[8][1], 1e-9);
    }

    /** π × diameter; people mix the two words up, so both are taken. */
    #[TestWith(['8 cm', 80.0])]
    #[TestWith(['80 mm across', 80.0])]
    #[TestWith(['25.13 cm round', 79.991])]
    #[TestWith(['9 in around', 72.765])]
    #[TestWith(['9 in circumference', 72.765])]
    public function testItIsMeasuredAcrossOrRound(string $typed, float $diameter): void
    {
        self::assertEqualsWithDelta($diameter, Cylinder::typedDiameter($typed, new QuantityParser())->mm, 0.001);
    }

    public function testWhatIsNoLengthIsRefused(): void
    {
        $this->expectException(UnreadableQuantity::class);
        Cylinder::typedDiameter('wide round', new QuantityParser());
    }

    public function testWhoeverLooksStandsOutside(): void
    {
        $this->expectException(BadRecord::class);
        Cylinder::across(82.0)->seenArc(41.0);
    }
}
