<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Heat;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Wubbin\Core\Heat\IronCoverage;
use Wubbin\Core\Heat\IronPlace;
use Wubbin\Core\Measure\Rect;
use Wubbin\Core\Measure\Size;
use Wubbin\Core\Route\HeatSource;
use Wubbin\Core\Tests\Orchard;

final class IronCoverageTest extends TestCase
{
    /** @return iterable<string, array{Size, string}> */
    public static function pictures(): iterable
    {
        foreach (['iron-household', 'iron-travel'] as $iron) {
            foreach (
                [
                    [20.0, 20.0],
                    [105.0, 147.0],
                    [106.0, 147.0],
                    [240.0, 190.0],
                    [300.0, 400.0],
                    [15.0, 280.0],
                    [280.0, 15.0],
                ]
                as [$w, $h]
            ) {
                yield $iron . ' on ' . $w . ' × ' . $h => [Size::mm($w, $h), $iron];
            }
        }
    }

    /** Decided by counting points of a raster, not by the grid's own arithmetic. */
    #[DataProvider('pictures')]
    public function testEveryPointOfThePictureAndBeyondItsEdgeIsPressed(Size $picture, string $iron): void
    {
        $places = self::cover($picture, $iron)->places;
        for ($x = -4.9; $x < $picture->widthMm + 5.0; $x += 2.45) {
            for ($y = -4.9; $y < $picture->heightMm + 5.0; $y += 2.45) {
                $pressed = false;
                foreach ($places as $place) {
                    $r = $place->pressed;
                    $pressed = $pressed || ($x >= $r->xMm && $x <= $r->right() && $y >= $r->yMm && $y <= $r->bottom());
                }
                self::assertTrue($pressed, sprintf('%.1f, %.1f is left cold', $x, $y));
            }
        }
    }

    #[DataProvider('pictures')]
    public function testNeighboursOverlapAtLeastAsAsked(Size $picture, string $iron): void
    {
        $asked = Orchard::catalogue()->heat->coverage->overlap->mm;
        $rects = array_column(self::cover($picture, $iron)->places, 'pressed');
        $gaps = [];
        foreach ($rects as $i => $one) {
            $next = $rects[$i + 1] ?? $one;
            if ($next->xMm > $one->xMm && $one->right() - $next->xMm < $asked - 1e-6) {
                $gaps[] = sprintf('%d and %d side by side', $i + 1, $i + 2);
            }
            if ($next->yMm > $one->yMm && $one->bottom() - $next->yMm < $asked - 1e-6) {
                $gaps[] = sprintf('%d and %d one above the other', $i + 1, $i + 2);
            }
        }
        self::assertSame([], $gaps);
    }

    public function testASmallPictureNeedsOnePlaceInItsMiddle(): void
    {
        $places = self::cover(Size::mm(60.0, 80.0), 'iron-household')->places;
        self::assertCount(1, $places);
        self::assertEqualsWithDelta(30.0, $places[0]->pressed->xMm + $places[0]->pressed->size->widthMm / 2.0, 1e-9);
    }

    /**
     * The chest picture of the demo takes four places of a household iron, as the trade's “at least a minute” implies.
     */
    public function testAChestPictureNeedsFourPlaces(): void
    {
        self::assertCount(4, self::cover(Size::mm(240.0, 190.0), 'iron-household')->places);
    }

    public function testASmallerPlateNeedsMorePlaces(): void
    {
        $size = Size::mm(240.0, 190.0);
        self::assertGreaterThan(
            count(self::cover($size, 'iron-household')->places),
            count(self::cover($size, 'iron-travel')->places),
        );
    }

    public function testThePlateIsTurnedWhereThatSavesPlaces(): void
    {
        self::assertTrue(self::cover(Size::mm(260.0, 90.0), 'iron-household')->places[0]->pointsSideways);
        self::assertFalse(self::cover(Size::mm(90.0, 260.0), 'iron-household')->places[0]->pointsSideways);
    }

    /** Holes and a rim take from what a sole covers: the same sole without them covers more. */
    public function testSteamHolesAndTheRimAreCounted(): void
    {
        $size = Size::mm(100.0, 100.0);
        $holes = self::cover($size, 'iron-household');
        $none = self::cover($size, 'iron-two-dot');
        self::assertSame(0.0, $none->shiftMm);
        self::assertEqualsWithDelta(
            $none->places[0]->pressed->size->heightMm - $holes->shiftMm,
            $holes->places[0]->pressed->size->heightMm,
            1e-9,
        );
        self::assertEqualsWithDelta(
            115.0 - 2.0 * Orchard::catalogue()->heat->coverage->edgeStrip->mm,
            $holes->places[0]->pressed->size->widthMm,
            1e-9,
        );
    }

    /** Both before and after it is moved back, the full width of the sole lies over what counts as pressed. */
    #[DataProvider('pictures')]
    public function testThePlateCoversWhatItPressesBeforeAndAfterItIsMoved(Size $picture, string $iron): void
    {
        $rule = Orchard::catalogue()->heat->coverage;
        $cover = self::cover($picture, $iron);
        foreach ($cover->places as $place) {
            foreach ([0.0, $cover->shiftMm] as $back) {
                $plate = $place->pointsSideways
                    ? $place->plate->movedBy(-$back)
                    : Rect::at($place->plate->xMm, $place->plate->yMm + $back, $place->plate->size);
                [$full, $strip] = [$rule->usableLengthShare, $rule->edgeStrip->mm];
                $sole = $place->pointsSideways
                    ? Rect::at(
                        $plate->xMm,
                        $plate->yMm,
                        Size::mm($plate->size->widthMm * $full, $plate->size->heightMm),
                    )
                    : Rect::at(
                        $plate->xMm,
                        $plate->yMm + $plate->size->heightMm * (1.0 - $full),
                        Size::mm($plate->size->widthMm, $plate->size->heightMm * $full),
                    );
                self::assertGreaterThanOrEqual($sole->xMm + $strip - 1e-9, $place->pressed->xMm);
                self::assertGreaterThanOrEqual(
                    $sole->yMm + ($place->pointsSideways ? $strip : 0.0) - 1e-9,
                    $place->pressed->yMm,
                );
                self::assertLessThanOrEqual(
                    $sole->right() - ($place->pointsSideways ? 0.0 : $strip) + 1e-9,
                    $place->pressed->right(),
                );
                self::assertLessThanOrEqual($sole->bottom() - $strip + 1e-9, $place->pressed->bottom());
            }
        }
    }

    public function testAPressPressesWithAllOfItsPlate(): void
    {
        self::assertCount(1, self::cover(Size::mm(360.0, 360.0), 'press-flat')->places);
        self::assertCount(2, self::cover(Size::mm(360.0, 400.0), 'press-flat')->places);
    }

    /** Four places in a square: along one side, over, and back; measured from middle to middle. */
    public function testASweepGoesOverAllPlacesToAndFro(): void
    {
        $four = self::cover(Size::mm(240.0, 190.0), 'iron-household');
        [$a, $b, $c] = [$four->places[0]->pressed, $four->places[1]->pressed, $four->places[2]->pressed];
        self::assertEqualsWithDelta(2.0 * ($b->xMm - $a->xMm) + ($c->yMm - $a->yMm), $four->sweepMm(), 1e-9);
        self::assertSame(0.0, self::cover(Size::mm(60.0, 80.0), 'iron-household')->sweepMm(), 'one place: it stands');
    }

    /** A dryer's stream covers a spot of 6 cm: every point of a picture lies in one of them, its corners too. */
    public function testHotAirHeatsASpotAtATime(): void
    {
        $one = self::cover(Size::mm(40.0, 40.0), 'dryer');
        self::assertCount(1, $one->places);
        self::assertEqualsWithDelta(60.0, $one->places[0]->plate->size->widthMm, 1e-9);
        $six = self::cover(Size::mm(84.0, 106.0), 'dryer');
        self::assertCount(6, $six->places);
        self::assertSame(0.0, $six->shiftMm, 'nothing has holes');
        foreach (range(0, 84, 4) as $x) {
            foreach (range(0, 106, 2) as $y) {
                $near = min(
                    array_map(
                        static fn(IronPlace $place): float => hypot(
                            $place->plate->xMm + 30.0 - $x,
                            $place->plate->yMm + 30.0 - $y,
                        ),
                        $six->places,
                    ),
                );
                self::assertLessThanOrEqual(30.0 + 1e-9, $near);
            }
        }
        self::assertGreaterThan(6, count(self::cover(Size::mm(84.0, 106.0), 'gun-craft')->places));
    }

    public function testWhatIsWarmedByASpoonHasNoPlaces(): void
    {
        self::assertNull(
            IronCoverage::forPicture(Size::mm(50.0, 50.0), self::iron('spoon'), Orchard::catalogue()->heat->coverage),
        );
    }

    private static function cover(Size $picture, string $iron): IronCoverage
    {
        return IronCoverage::forPicture($picture, self::iron($iron), Orchard::catalogue()->heat->coverage) ??
            throw new \LogicException('An iron has a plate.');
    }

    private static function iron(string $id): HeatSource
    {
        return Orchard::catalogue()->heat->sources[$id];
    }
}
