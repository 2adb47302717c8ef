<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Drawing;

use PHPUnit\Framework\TestCase;
use Wubbin\Core\Drawing\Course;
use Wubbin\Core\Drawing\Dimension;
use Wubbin\Core\Drawing\Drawing;
use Wubbin\Core\Drawing\Line;
use Wubbin\Core\Drawing\Mark;
use Wubbin\Core\Drawing\Patch;
use Wubbin\Core\Drawing\Pen;
use Wubbin\Core\Drawing\Printed;
use Wubbin\Core\Drawing\StepDrawings;
use Wubbin\Core\Drawing\Turn;
use Wubbin\Core\Measure\Contour;
use Wubbin\Core\Measure\UnitFormat;
use Wubbin\Core\Plan\TransferPlan;
use Wubbin\Core\Tests\Orchard;

/** What a step's drawing shows is what its plan says: figures worked by hand from the shirt of the tests. */
final class StepDrawingsTest extends TestCase
{
    /** The picture 240 mm wide lies 80 mm below the collar; a film with its face down shows its back. */
    public function testWhereTheSheetLies(): void
    {
        $drawing = self::drawing(Orchard::plan(), 'place');
        $said = self::said($drawing);
        self::assertContains('240 mm', $said);
        self::assertContains('80 mm', $said);
        self::assertContains('measure from the collar', $said);
        $picture = self::marks($drawing, Printed::class)[0];
        self::assertEqualsWithDelta(-120.0, $picture->rect->xMm, 0.01);
        self::assertEqualsWithDelta(80.0, $picture->rect->yMm, 0.01);
        self::assertFalse($picture->mirrored);
        self::assertSame(Printed::THROUGH, $picture->strength);
        self::assertNotSame([], self::lines($drawing, Pen::Back));
    }

    public function testAPictureOffTheMiddleIsMeasuredFromIt(): void
    {
        $plan = Orchard::plan(Orchard::edited(['right' => '30 mm']));
        $dimensions = self::marks(self::drawing($plan, 'place'), Dimension::class);
        $across = array_filter(
            $dimensions,
            static fn(Dimension $d): bool => [0.0, 30.0] === [round($d->from[0], 3), round($d->to[0], 3)],
        );
        self::assertCount(1, $across);
        self::assertSame('30 mm', (new UnitFormat())->phrase(array_values($across)[0]->note->words));
    }

    /** An opaque film lies with its face up: the picture is seen as it reads. */
    public function testAFaceThatLooksUpIsSeen(): void
    {
        $drawing = self::drawing(Orchard::plan(Orchard::edited(['route' => 'dark-film'])), 'place');
        self::assertSame(1.0, self::marks($drawing, Printed::class)[0]->strength);
        self::assertSame([], self::lines($drawing, Pen::Back));
    }

    /** Four places of the iron: at the second the first is done, and two are to come. */
    public function testThePlaceThatIsDue(): void
    {
        $drawing = self::drawing(Orchard::plan(), 'heat-2');
        self::assertSame(
            [Turn::Done, Turn::Now, Turn::Later, Turn::Later],
            array_map(static fn(Patch $p): Turn => $p->turn, self::marks($drawing, Patch::class)),
        );
    }

    /** Who moves the iron in circles need not move it back for its steam holes; who stands it down must. */
    public function testWhatIsMovedBackIsDrawnWhereTheStepSaysSo(): void
    {
        $circles = Orchard::plan();
        $stands = Orchard::plan(Orchard::job(['choices' => ['schools' => ['iron-move' => 'stand-press']]]));
        foreach ([[$circles, false], [$stands, true]] as [$plan, $drawn]) {
            $said = implode(' ', self::said(self::drawing($plan, 'heat-1')));
            self::assertSame($drawn, str_contains($said, 'back after half the time'));
        }
    }

    /** Ironed as a whole, not place by place: the way over it is drawn, and no place is due. */
    public function testWhatIsNotDonePlaceByPlaceIsAWay(): void
    {
        $plan = Orchard::plan(Orchard::jobOf('paper-wood'));
        self::assertGreaterThan(1, count($plan->arrangement->coverage->places ?? []));
        $drawing = self::drawing($plan, 'heat');
        self::assertSame([], self::marks($drawing, Patch::class));
        self::assertCount(1, self::marks($drawing, Course::class));
    }

    /** The areas drawn are those of the plan: each patch covers what its plate presses. */
    public function testPatchesCoverWhatTheirPlatesPress(): void
    {
        $plan = Orchard::plan();
        $patches = self::marks(self::drawing($plan, 'heat-1'), Patch::class);
        foreach ($plan->arrangement->coverage->places ?? [] as $n => $place) {
            $box = Contour::box($patches[$n]->points);
            self::assertEqualsWithDelta($place->plate->xMm, $box->xMm, 0.01);
            self::assertEqualsWithDelta($place->plate->size->widthMm, $box->size->widthMm, 0.01);
            self::assertEqualsWithDelta($place->plate->bottom(), $box->bottom(), 0.01);
        }
    }

    /** A sheet that goes face down comes out mirrored, and is cut along the plan's own line. */
    public function testThePrintAndItsCut(): void
    {
        $plan = Orchard::plan();
        $printed = self::drawing($plan, 'look');
        self::assertTrue(self::marks($printed, Printed::class)[0]->mirrored);
        self::assertContains('mirrored: that is right', self::said($printed));
        $cut = self::drawing($plan, 'cut');
        self::assertSame(
            $plan->arrangement->sheet?->cutLines(),
            array_map(static fn(Line $line): array => $line->points, self::lines($cut, Pen::Cut)),
        );
        self::assertContains('cut 3 mm outside the picture', self::said($cut));
    }

    /** Card inside, between the layers of the shirt; neither sheet nor iron before its step. */
    public function testTheBedOfAShirt(): void
    {
        $said = self::said(self::drawing(Orchard::plan(), 'ready'));
        self::assertSame(['shirt front', 'card inside', 'shirt back', 'cotton cloth'], array_slice($said, 0, 4));
        self::assertCount(5, $said);
    }

    /** Tissue 1 in larger than the sheet all round, as the trade cuts it: common practice, no source. */
    public function testTheCarrierOfATissue(): void
    {
        $plan = self::candle('tissue-wax');
        $drawing = self::drawing($plan, 'carrier');
        self::assertContains('25 mm', self::said($drawing));
        $fold = Contour::box(self::lines($drawing, Pen::Fold)[0]->points);
        $cut = Contour::box(self::lines($drawing, Pen::Back)[0]->points);
        self::assertEqualsWithDelta(25.4, $fold->xMm - $cut->xMm, 0.5);
        self::assertCount(8, self::lines($drawing, Pen::Back)[0]->points);
    }

    /** Round a pillar of 70 mm, a picture of 110 mm takes 110 / (π · 70) of the way: just over half. */
    public function testHowFarAWrapGoesRound(): void
    {
        $arc = self::lines(self::drawing(self::candle('tissue-wax', '110 mm'), 'place'), Pen::Face)[0]->points;
        [$from, $middle, $to] = [$arc[0], $arc[intdiv(count($arc), 2)], $arc[count($arc) - 1]];
        $y = $middle[1] - 1.03 * 35.0;
        self::assertEqualsWithDelta(110.0 / 35.0, atan2($to[0], $to[1] - $y) - atan2($from[0], $from[1] - $y), 0.02);
    }

    /** Coats before are done, the one in hand is filled, those after are dashed. */
    public function testCoats(): void
    {
        $plan = Orchard::plan(Orchard::jobOf('toner-metal'));
        self::assertSame(
            [Turn::Done, Turn::Now, Turn::Later],
            array_map(static fn(Patch $p): Turn => $p->turn, self::marks(self::drawing($plan, 'coat-2'), Patch::class)),
        );
    }

    /** Very many areas do not become a drawing of all of them for each of them. */
    public function testOfVeryManyAreasOnlyTheNextOnesAreDrawn(): void
    {
        $plan = Orchard::plan(Orchard::edited(['width' => '1900 mm']));
        self::assertGreaterThan(30, count($plan->arrangement->coverage->places ?? []));
        self::assertCount(3, self::marks(self::drawing($plan, 'heat-12'), Patch::class));
    }

    public function testAPlanWithoutAPictureIsDrawn(): void
    {
        $plan = Orchard::plan(Orchard::job(['artwork' => null]));
        foreach ($plan->steps as $step) {
            self::assertNotSame([], StepDrawings::draw($step, $plan)->marks);
        }
        self::assertContains('no picture yet', self::said(self::drawing($plan, 'place')));
    }

    private static function candle(string $route, string $width = '80 mm'): TransferPlan
    {
        return Orchard::plan(Orchard::edit(Orchard::jobOf($route), ['width' => $width]));
    }

    private static function drawing(TransferPlan $plan, string $id): Drawing
    {
        foreach ($plan->steps as $step) {
            if ($step->id === $id) {
                return StepDrawings::draw($step, $plan);
            }
        }
        self::fail('There is no step ' . $id);
    }

    /** @return list<string> in millimetres */
    private static function said(Drawing $drawing): array
    {
        $format = new UnitFormat();

        return array_map(static fn($note): string => $format->phrase($note->words), Words::of($drawing));
    }

    /**
     * @template T of Mark
     *
     * @param class-string<T> $of
     *
     * @return list<T>
     */
    private static function marks(Drawing $drawing, string $of): array
    {
        return array_values(array_filter($drawing->marks, static fn(Mark $mark): bool => $mark instanceof $of));
    }

    /** @return list<Line> */
    private static function lines(Drawing $drawing, Pen $pen): array
    {
        return array_values(
            array_filter(self::marks($drawing, Line::class), static fn(Line $line): bool => $line->pen === $pen),
        );
    }
}
