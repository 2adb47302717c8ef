<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Blank;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Wubbin\Core\Blank\Bend;
use Wubbin\Core\Blank\Taper;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Contour;
use Wubbin\Core\Measure\Rect;
use Wubbin\Core\Measure\Size;
use Wubbin\Core\Plan\Severity;
use Wubbin\Core\Sheet\SheetLayout;
use Wubbin\Core\Tests\Orchard;

/** Source of the formulas: elementary geometry, the development of a cone's frustum. */
final class TaperTest extends TestCase
{
    /** @return iterable<string, array{Taper}> */
    public static function tapers(): iterable
    {
        yield 'a mug that narrows' => [Taper::across(90.0, 62.0, 110.0)];
        yield 'a candle that widens' => [Taper::across(60.0, 80.0, 140.0)];
        yield 'a bowl' => [Taper::across(160.0, 60.0, 50.0)];
        yield 'hardly any' => [Taper::across(82.0, 81.9, 95.0)];
        yield 'none' => [Taper::across(82.0, 82.0, 95.0)];
    }

    /** Closed formula: radii of the ring R = s·r₁/(r₁−r₂) and R−s, its angle 360°·(r₁−r₂)/s. */
    public function testTheTemplateIsThePartOfARingThatTheFormulaGives(): void
    {
        $taper = Taper::across(90.0, 62.0, 110.0);
        $slant = sqrt(110.0 ** 2 + 14.0 ** 2);
        self::assertEqualsWithDelta($slant, $taper->slantMm(), 1e-12);
        self::assertEqualsWithDelta(($slant * 45.0) / 14.0, $taper->apexMm(), 1e-9);
        // A half of the way round, at the rim: its angle about the apex is half of the ring's.
        [$x, $y] = $taper->flat(\M_PI, 0.0);
        self::assertEqualsWithDelta((180.0 * 14.0) / $slant, rad2deg(atan2($x, (float) $taper->apexMm() - $y)), 1e-9);
    }

    #[DataProvider('tapers')]
    public function testItsArcsAreAsLongAsThePieceIsRound(Taper $taper): void
    {
        foreach ([0.0, 0.5, 1.0] as $share) {
            $down = $share * $taper->slantMm();
            $arc = [$taper->flat(-\M_PI, $down)];
            for ($i = 1; $i <= 2000; ++$i) {
                $arc[] = $taper->flat(-\M_PI + (2.0 * \M_PI * $i) / 2000.0, $down);
            }
            $ends = hypot($arc[0][0] - $arc[2000][0], $arc[0][1] - $arc[2000][1]);
            self::assertEqualsWithDelta($taper->roundAt($down), Contour::length($arc) - $ends, 0.01);
        }
    }

    #[DataProvider('tapers')]
    public function testWhatIsUprightOnThePieceIsAsLongInTheFlat(Taper $taper): void
    {
        foreach ([-3.0, -1.0, 0.0, 0.4, 2.5] as $angle) {
            [$x, $y] = $taper->flat($angle, 0.0);
            [$u, $v] = $taper->flat($angle, $taper->slantMm());
            self::assertEqualsWithDelta($taper->slantMm(), hypot($u - $x, $v - $y), 1e-6);
        }
    }

    public function testTheMiddleOfTheRimIsTheOriginAndDownIsDown(): void
    {
        foreach (self::tapers() as [$taper]) {
            self::assertEqualsWithDelta([0.0, 0.0], $taper->flat(0.0, 0.0), 1e-6);
            self::assertEqualsWithDelta([0.0, 20.0], $taper->flat(0.0, 20.0), 1e-6);
            self::assertGreaterThan(0.0, $taper->flat(0.2, 20.0)[0]);
        }
    }

    #[TestWith([0.0, 60.0, 'rim_diameter_mm'])]
    #[TestWith([60.0, 0.0, 'foot_diameter_mm'])]
    public function testAnEndOfNoWidthIsRefused(float $rim, float $foot, string $field): void
    {
        try {
            Taper::across($rim, $foot, 100.0);
            self::fail('taken');
        } catch (BadRecord $e) {
            self::assertSame($field, $e->field);
        }
    }

    /** Corners of a bent picture lie where the wall’s flat has them. */
    #[DataProvider('tapers')]
    public function testAPictureIsBentToWhereItLiesOnTheWall(Taper $taper): void
    {
        $placed = Rect::mm(-40.0, 10.0, 80.0, 30.0);
        $bend = $taper->bend($placed);
        if (0.0 === $taper->lean()) {
            self::assertNull($bend);

            return;
        }
        self::assertNotNull($bend);
        $box = $bend->boxAbout(0.0, $placed->yMm);
        $half = 40.0 / $taper->radiusAt(25.0);
        foreach (
            [
                [0.0, 0.0, -$half, 10.0],
                [80.0, 0.0, $half, 10.0],
                [80.0, 30.0, $half, 40.0],
                [20.0, 15.0, -$half / 2.0, 25.0],
            ]
            as [$x, $y, $angle, $down]
        ) {
            [$bx, $by] = $bend->point($x, $y);
            self::assertEqualsWithDelta($taper->flat($angle, $down), [$box->xMm + $bx, $box->yMm + $by], 1e-5);
        }
    }

    #[DataProvider('tapers')]
    public function testTheBentPictureJustFitsItsBox(Taper $taper): void
    {
        $bend = $taper->bend(Rect::mm(-60.0, 5.0, 120.0, 40.0));
        if (null === $bend) {
            self::assertSame(0.0, $taper->lean());

            return;
        }
        $box = Contour::box($bend->edge(0.0));
        self::assertEqualsWithDelta(0.0, $box->xMm, 0.02);
        self::assertEqualsWithDelta(0.0, $box->yMm, 0.02);
        self::assertEqualsWithDelta($bend->box->widthMm, $box->size->widthMm, 0.02);
        self::assertEqualsWithDelta($bend->box->heightMm, $box->size->heightMm, 0.02);
    }

    /** A rectangle is told by four points; bent, it must follow the arcs and not cut across them. */
    public function testALineIsBentBetweenItsPointsToo(): void
    {
        $bend = Bend::forSize(Size::mm(120.0, 40.0), 0.9);
        $line = $bend->lines([[[0.0, 0.0], [120.0, 0.0], [120.0, 40.0], [0.0, 40.0]]])[0];
        foreach ($bend->edge(0.0) as $point) {
            self::assertLessThan(0.05, Contour::distance($line, $point));
        }
        self::assertEqualsWithDelta(Contour::area($bend->edge(0.0)), Contour::area($line), 1.0);
    }

    public function testABendSurvivesAnAddress(): void
    {
        $bend = Bend::forSize(Size::mm(120.0, 40.0), -0.7);
        parse_str($bend->toQuery(), $query);
        $back = Bend::fromQuery(array_filter($query, is_string(...), \ARRAY_FILTER_USE_KEY));
        self::assertEqualsWithDelta($bend->point(30.0, 10.0), $back->point(30.0, 10.0), 1e-4);
        self::assertTrue($back->aboutAbove());
    }

    /** @param array<string, string> $query */
    #[TestWith([['width' => '100', 'height' => '50', 'angle' => '0']])]
    #[TestWith([['width' => '100', 'height' => '50', 'angle' => '7']])]
    #[TestWith([['width' => '10', 'height' => '500', 'angle' => '1']])]
    #[TestWith([['width' => 'x', 'height' => '50', 'angle' => '1']])]
    #[TestWith([['width' => '99999', 'height' => '50', 'angle' => '1']])]
    public function testABendThatCannotBeIsRefused(array $query): void
    {
        $this->expectException(BadRecord::class);
        Bend::fromQuery($query);
    }

    public function testASheetForATaperedMugIsCutAlongTheBend(): void
    {
        $plan = Orchard::plan(
            Orchard::jobOf('laser-ceramic', [
                'blank' => ['size' => 'mug-tapered'],
                'placement' => ['side_mm' => 120, 'below_mm' => 12],
            ]),
        );
        self::assertNotNull($plan->placing->bend);
        self::assertNotNull($plan->arrangement->sheet);
        self::assertEqualsWithDelta(
            $plan->placing->bend->box->widthMm,
            $plan->arrangement->sheet->picture->size->widthMm,
            1e-9,
        );
        self::assertGreaterThan(90, count($plan->arrangement->sheet->marks[0]->lines[0] ?? []));
        self::assertStringContainsString('at the rim', Orchard::decision($plan, 'blank')->because->text);
        self::assertEqualsWithDelta(
            2.0 * \M_PI * Taper::across(90.0, 62.0, 110.0)->radiusAt(12.0 + 47.5),
            $plan->placing->size->widthMm,
            0.01,
            'round as it is at the middle of the picture',
        );
    }

    /** Nobody is kept from a job by a size that was typed: the plan is there, and says what is wrong. */
    #[TestWith([2000.0, 12.0])]
    #[TestWith([120.0, 900.0])]
    public function testAPictureThatCannotBeBentIsToldOf(float $width, float $below): void
    {
        $plan = Orchard::plan(
            Orchard::jobOf('laser-ceramic', [
                'blank' => ['size' => 'mug-tapered'],
                'placement' => ['side_mm' => $width, 'below_mm' => $below],
            ]),
        );
        self::assertNull($plan->placing->bend);
        self::assertFalse($plan->printable());
        self::assertSame(Severity::Impossible, Orchard::check($plan, 'picture.bend')?->severity);
    }

    public function testABentPictureThatIsTooLargeIsToldAWidthThatFits(): void
    {
        $plan = Orchard::plan(
            Orchard::jobOf('laser-ceramic', [
                'blank' => ['size' => 'mug-tapered'],
                'placement' => ['side_mm' => 420, 'below_mm' => 12],
            ]),
        );
        self::assertSame(Severity::Impossible, Orchard::check($plan, 'sheet.fits')?->severity);
        self::assertNotNull($plan->outfit->medium);
        $width = floor($plan->placing->widestOn($plan->outfit->medium) * 10.0) / 10.0;
        self::assertGreaterThan(150.0, $width);
        $again = Orchard::plan(
            Orchard::jobOf('laser-ceramic', [
                'blank' => ['size' => 'mug-tapered'],
                'placement' => ['side_mm' => $width, 'below_mm' => 12],
            ]),
        );
        self::assertInstanceOf(SheetLayout::class, $again->arrangement->sheet);
    }
}
