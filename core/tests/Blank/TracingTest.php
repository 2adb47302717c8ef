<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Blank;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Wubbin\Core\Blank\Perspective;
use Wubbin\Core\Blank\TracedEdge;
use Wubbin\Core\Blank\Tracing;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Contour;
use Wubbin\Core\Measure\PaperSize;
use Wubbin\Core\Measure\Rect;
use Wubbin\Core\Measure\SelfCrossing;
use Wubbin\Core\Measure\Size;

/**
 * Against synthetic photos of known geometry: a pinhole camera that looks at a table askew. Its projection is written
 * down here from the textbook (Hartley and Zisserman, Multiple View Geometry, chapter 6), not taken from the core.
 */
final class TracingTest extends TestCase
{
    private const WIDE = 4000.0;
    private const HIGH = 3000.0;

    /**
     * @param array{float, float} $mm on the table; the camera hangs over its origin and is tilted
     *
     * @return array{float, float} pixels
     */
    private static function seen(array $mm, float $tilt, float $roll): array
    {
        [$x, $y] = [$mm[0] * cos($roll) - $mm[1] * sin($roll), $mm[0] * sin($roll) + $mm[1] * cos($roll)];
        $depth = 1500.0 + $y * sin($tilt);

        return [self::WIDE / 2.0 + (4750.0 * $x) / $depth, self::HIGH / 2.0 + (4750.0 * $y * cos($tilt)) / $depth];
    }

    /**
     * @param array{float, float} $p
     *
     * @return array{float, float} off by a normal spread in each direction: Box and Muller (1958)
     */
    private static function noisy(array $p, float $spread, Randomizer $random): array
    {
        $off = $spread * sqrt(-2.0 * log(self::between($random, 1e-12, 1.0)));
        $turn = self::between($random, 0.0, 2.0 * \M_PI);

        return [$p[0] + $off * cos($turn), $p[1] + $off * sin($turn)];
    }

    private static function between(Randomizer $random, float $from, float $to): float
    {
        return $from + (($to - $from) * $random->getInt(0, 1 << 30)) / (1 << 30);
    }

    /** @return list<array{float, float}> an A4 sheet’s corners about the origin, upright */
    private static function sheet(): array
    {
        return [[-105.0, -148.5], [105.0, -148.5], [105.0, 148.5], [-105.0, 148.5]];
    }

    private static function photo(): Size
    {
        return Size::mm(self::WIDE, self::HIGH);
    }

    /** @return iterable<string, array{float, float}> */
    public static function views(): iterable
    {
        yield 'straight down' => [0.0, 0.0];
        yield 'tilted' => [0.4, 0.0];
        yield 'tilted and rolled' => [0.35, 0.5];
        yield 'the other way' => [-0.5, -0.9];
    }

    #[DataProvider('views')]
    public function testPerspectiveIsRemovedExactlyWhereMarksAreExact(float $tilt, float $roll): void
    {
        $perspective = Perspective::fromCorners(
            array_map(static fn(array $p): array => self::seen($p, $tilt, $roll), self::sheet()),
            PaperSize::A4->size(),
            self::photo(),
        );
        foreach ([[0.0, 0.0], [-300.0, 120.0], [250.0, -200.0]] as $mm) {
            [$x, $y] = $perspective->onTable(...self::seen($mm, $tilt, $roll));
            [$ox, $oy] = $perspective->onTable(...self::seen([0.0, 0.0], $tilt, $roll));
            self::assertEqualsWithDelta(hypot(...$mm), hypot($x - $ox, $y - $oy), 1e-6);
            self::assertEqualsWithDelta(self::seen($mm, $tilt, $roll), $perspective->inPhoto($x, $y), 1e-6);
        }
    }

    /** The target: a mean error under 0.5 mm within the sheet’s own size, marks and pixels off by one pixel (1 σ). */
    public function testWithinTheSheetsSizeNoiseCostsLessThanHalfAMillimetre(): void
    {
        $random = new Randomizer(new Mt19937(7));
        $errors = [];
        for ($trial = 0; $trial < 60; ++$trial) {
            [$tilt, $roll] = [self::between($random, -0.4, 0.4), self::between($random, -0.3, 0.3)];
            $perspective = Perspective::fromCorners(
                array_map(
                    static fn(array $p): array => self::noisy(self::seen($p, $tilt, $roll), 1.0, $random),
                    self::sheet(),
                ),
                PaperSize::A4->size(),
                self::photo(),
            );
            foreach ([[-70.0, -90.0], [0.0, 0.0], [60.0, 100.0], [90.0, -40.0]] as $mm) {
                [$x, $y] = $perspective->onTable(...self::seen($mm, $tilt, $roll));
                $errors[] = hypot($x - 105.0 - $mm[0], $y - 148.5 - $mm[1]);
            }
        }
        self::assertLessThan(0.5, array_sum($errors) / count($errors));
    }

    /** The ± that a person is shown holds the true error 19 times out of 20; here, the marks are off as it assumes. */
    public function testTheErrorOverSevenHundredMillimetresIsTold(): void
    {
        $random = new Randomizer(new Mt19937(11));
        $apron = [[-350.0, -250.0], [350.0, -250.0], [350.0, 250.0], [-350.0, 250.0]];
        [$held, $told] = [0, []];
        for ($trial = 0; $trial < 100; ++$trial) {
            $traced = Tracing::fromCorners(
                array_map(
                    static fn(array $p): array => self::noisy(
                        self::seen($p, 0.3, 0.0),
                        Tracing::MARK_SHARE * self::WIDE,
                        $random,
                    ),
                    self::sheet(),
                ),
                array_map(
                    static fn(array $p): array => self::noisy(
                        self::seen($p, 0.3, 0.0),
                        Tracing::MARK_SHARE * self::WIDE,
                        $random,
                    ),
                    $apron,
                ),
                PaperSize::A4->size(),
                self::photo(),
                false,
                10.0,
            );
            // The trapezoid's widest is a little more than each of its sides: marks scatter outwards as well.
            $held += abs($traced->edge->box()->size->widthMm - 700.0) <= $traced->widthMayBeOffMm ? 1 : 0;
            $told[] = $traced->farMayBeOffMm;
        }
        self::assertGreaterThanOrEqual(85, $held);
        self::assertGreaterThan(2.0, min([\INF, ...$told]));
        self::assertLessThan(40.0, max([0.0, ...$told]));
    }

    public function testAnOutlineComesOutUprightAndAtTrueSize(): void
    {
        $piece = [[-200.0, -300.0], [200.0, -300.0], [260.0, 300.0], [-260.0, 300.0]];
        $traced = Tracing::fromCorners(
            array_map(static fn(array $p): array => self::seen($p, 0.3, 0.0), self::sheet()),
            array_map(static fn(array $p): array => self::seen($p, 0.3, 0.0), $piece),
            PaperSize::A4->size(),
            self::photo(),
            false,
            10.0,
        );
        self::assertEqualsWithDelta(520.0, $traced->edge->box()->size->widthMm, 0.1);
        self::assertEqualsWithDelta(600.0, $traced->edge->box()->size->heightMm, 0.1);
        self::assertEqualsWithDelta((600.0 * (400.0 + 520.0)) / 2.0, $traced->edge->areaMm2(), 100.0);
        self::assertEqualsWithDelta(0.0, $traced->edge->box()->yMm, 1e-9);
    }

    public function testCornersMarkedAgainstTheClockDoNotMirrorThePiece(): void
    {
        $flag = [[-100.0, -100.0], [150.0, 0.0], [-100.0, 100.0]];
        $corners = array_map(static fn(array $p): array => self::seen($p, 0.2, 0.0), self::sheet());
        $points = array_map(static fn(array $p): array => self::seen($p, 0.2, 0.0), $flag);
        $one = Tracing::fromCorners($corners, $points, PaperSize::A4->size(), self::photo(), false, 0.0);
        $other = Tracing::fromCorners(
            array_reverse($corners),
            $points,
            PaperSize::A4->size(),
            self::photo(),
            false,
            0.0,
        );
        self::assertEqualsWithDelta($one->edge->points, $other->edge->points, 0.02);
        self::assertGreaterThan($one->edge->points[0][0], $one->edge->points[1][0], 'its point is still to the right');
    }

    public function testAHalfIsMirroredAboutTheLineFromItsFirstPointToItsLast(): void
    {
        $half = [[0.0, -300.0], [200.0, -300.0], [260.0, 300.0], [0.0, 300.0]];
        $traced = Tracing::fromCorners(
            array_map(static fn(array $p): array => self::seen($p, 0.3, 0.2), self::sheet()),
            array_map(static fn(array $p): array => self::seen($p, 0.3, 0.2), $half),
            PaperSize::A4->size(),
            self::photo(),
            true,
            5.0,
        );
        self::assertCount(6, $traced->edge->points);
        self::assertEqualsWithDelta(520.0, $traced->edge->box()->size->widthMm, 0.1);
        self::assertEqualsWithDelta(600.0, $traced->edge->box()->size->heightMm, 0.1);
        self::assertEqualsWithDelta(
            $traced->edge->points,
            array_map(static fn(array $p): array => [-$p[0], $p[1]], [
                $traced->edge->points[0],
                ...array_reverse(array_slice($traced->edge->points, 1)),
            ]),
            0.05,
        );
    }

    public function testASheetThatLiesTheOtherWayCanBeSaid(): void
    {
        $corners = array_map(static fn(array $p): array => self::seen($p, 0.0, 0.0), self::sheet());
        self::assertEqualsWithDelta(
            PaperSize::A4->size()->turned(),
            Perspective::fromCorners($corners, PaperSize::A4->size(), self::photo(), true)->sheet,
            1e-9,
        );
    }

    /** @param list<array{float, float}> $corners */
    #[TestWith([[[100.0, 100.0], [900.0, 100.0], [100.0, 900.0], [900.0, 900.0]], 'cross'])]
    #[TestWith([[[100.0, 100.0], [300.0, 100.0], [500.0, 100.0], [300.0, 600.0]], 'line'])]
    #[TestWith([[[100.0, 100.0], [100.0, 100.0], [100.0, 100.0], [100.0, 100.0]], 'line'])]
    #[TestWith([[[100.0, 100.0], [4100.0, 100.0], [1000.0, 600.0], [100.0, 600.0]], 'outside'])]
    #[TestWith([[[100.0, 100.0], [500.0, 100.0], [500.0, 600.0]], 'four'])]
    #[TestWith([[[100.0, 100.0], [1500.0, 100.0], [500.0, 500.0], [100.0, 1600.0]], 'cross'])]
    public function testCornersThatTellNothingAreRefused(array $corners, string $why): void
    {
        try {
            Perspective::fromCorners($corners, PaperSize::A4->size(), self::photo());
            self::fail('taken');
        } catch (BadRecord $e) {
            self::assertSame('corners', $e->field);
            self::assertStringContainsString($why, $e->getMessage());
        }
    }

    /** @param list<array{float, float}> $points */
    #[TestWith([[[0.0, 0.0], [100.0, 100.0], [100.0, 0.0], [0.0, 100.0]], 'crosses itself'])]
    #[TestWith([[[0.0, 0.0], [100.0, 100.0]], 'three points'])]
    #[TestWith([[[0.0, 0.0], [5.0, 0.0], [5.0, 5.0]], 'less than 10 mm'])]
    #[TestWith([[[0.0, 0.0], [2500.0, 0.0], [2500.0, 50.0]], 'more than 2000 mm'])]
    public function testAnOutlineThatCannotBeIsRefused(array $points, string $why): void
    {
        $this->expectException(BadRecord::class);
        $this->expectExceptionMessage($why);
        TracedEdge::fromPoints($points, 10.0);
    }

    /** A square of side a grown by d: the perimeter is 4a + 2πd, the area a² + 4ad + πd². */
    public function testTheLineBeyondASquareIsRounded(): void
    {
        $beyond = TracedEdge::fromPoints([[0.0, 0.0], [200.0, 0.0], [200.0, 200.0], [0.0, 200.0]], 10.0)->beyond();
        self::assertEqualsWithDelta(800.0 + 2.0 * \M_PI * 10.0, Contour::length($beyond), 1.5);
        self::assertEqualsWithDelta(40000.0 + 8000.0 + \M_PI * 100.0, Contour::area($beyond), 30.0);
    }

    public function testTheLineBeyondBridgesANarrowHollow(): void
    {
        $slit = [
            [0.0, 0.0],
            [95.0, 0.0],
            [95.0, 100.0],
            [105.0, 100.0],
            [105.0, 0.0],
            [200.0, 0.0],
            [200.0, 200.0],
            [0.0, 200.0],
        ];
        $beyond = TracedEdge::fromPoints($slit, 10.0)->beyond();
        self::assertNull(SelfCrossing::of($beyond));
        $inTheSlit = array_filter(
            $beyond,
            static fn(array $p): bool => abs($p[0]) < 5.0 && $p[1] > 20.0 && $p[1] < 100.0,
        );
        self::assertSame([], $inTheSlit);
    }

    public function testWhatLiesOnAPieceIsMeasured(): void
    {
        $edge = TracedEdge::fromPoints([[0.0, 0.0], [200.0, 0.0], [200.0, 200.0], [0.0, 200.0]], 10.0);
        self::assertEqualsWithDelta(1.0, $edge->shareOfOnIt(Rect::mm(-50.0, 50.0, 100.0, 100.0)), 1e-9);
        self::assertEqualsWithDelta(0.5, $edge->shareOfOnIt(Rect::mm(50.0, 50.0, 100.0, 100.0)), 1e-9);
        self::assertTrue($edge->overscannedBy(Rect::mm(-110.0, -10.0, 220.0, 220.0)));
        self::assertFalse($edge->overscannedBy(Rect::mm(-105.0, -10.0, 215.0, 220.0)));
    }
}
