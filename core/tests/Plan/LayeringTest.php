<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Plan;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Wubbin\Core\Job\Job;
use Wubbin\Core\Job\JobFile;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Measure\UnitFormat;
use Wubbin\Core\Plan\Check;
use Wubbin\Core\Plan\Plan;
use Wubbin\Core\Plan\Severity;
use Wubbin\Core\Plan\Step;
use Wubbin\Core\Plan\TransferPlan;
use Wubbin\Core\Route\LayerRole;
use Wubbin\Core\Route\StepKind;
use Wubbin\Core\Stack\Layer;
use Wubbin\Core\Tests\Orchard;
use Wubbin\Core\Work\Places;
use Wubbin\Core\Work\Work;

/** Several pictures on one piece. What trade knows of it is common practice, no source. */
final class LayeringTest extends TestCase
{
    public function testEachPictureHasItsOwnPlanSheetAndPlace(): void
    {
        $plan = self::plan([[], ['side' => 'back', 'placement' => ['side_mm' => 150]]]);
        self::assertSame(
            ['Front', 'Back'],
            array_map(static fn(TransferPlan $one): string => $one->name, $plan->transfers),
        );
        self::assertSame(
            [240.0, 150.0],
            array_map(
                static fn(TransferPlan $one): float => $one->placing->placed->size->widthMm ?? 0.0,
                $plan->transfers,
            ),
        );
        self::assertSame(
            ['Crew shirts · front', 'Crew shirts · back'],
            array_map(static fn(TransferPlan $one): string => $one->label(), $plan->transfers),
        );
        self::assertTrue($plan->ready());
        self::assertSame([], self::found($plan, 'layer.overlap-1'), 'what lies back to back does not overlap');
    }

    public function testEachGoesItsOwnRoute(): void
    {
        $plan = self::plan([
            [],
            [
                'side' => 'back',
                'route' => 'liner-fabric',
                'placement' => ['side_mm' => 120],
                'choices' => ['things' => ['heat' => 'iron-dial']],
            ],
        ]);
        self::assertSame(
            ['light-film', 'liner-fabric'],
            array_map(static fn(TransferPlan $one): string => $one->brief->route->id, $plan->transfers),
        );
        self::assertStringContainsString('another heat', self::say($plan, 'layer.setting'));
    }

    public function testTwoOnOneSideAreNumbered(): void
    {
        $plan = self::plan([
            ['placement' => ['side_mm' => 60]],
            ['placement' => ['side_mm' => 60, 'below_mm' => 200]],
            ['side' => 'back'],
        ]);
        self::assertSame(
            ['Front 1', 'Front 2', 'Back'],
            array_map(static fn(TransferPlan $one): string => $one->name, $plan->transfers),
        );
    }

    public function testPicturesThatOverlapAreStoppedAndToldByHowMuch(): void
    {
        $plan = self::plan([[], ['placement' => ['side_mm' => 100, 'right_mm' => 0, 'below_mm' => 250]]]);
        // The first reaches from 80 to 270 mm, the second begins at 250 mm and is 100 mm wide.
        self::assertStringContainsString('100 × 20 mm', self::say($plan, 'layer.overlap-1'));
        self::assertFalse($plan->ready());
        $fix = self::found($plan, 'layer.overlap-1')[0]->fix;
        self::assertNotNull($fix);
        $meant = Orchard::edit(
            self::job([[], ['placement' => ['side_mm' => 100, 'below_mm' => 250]]]),
            $fix->changes,
            1,
        );
        self::assertTrue(Orchard::whole($meant)->ready());
    }

    public function testWhatTouchesDoesNotOverlap(): void
    {
        self::assertSame(
            [],
            self::found(self::plan([[], ['placement' => ['side_mm' => 100, 'below_mm' => 270]]]), 'layer.overlap-1'),
        );
    }

    /** “A later layer may sink visually into the one below” of films: common practice, no source. */
    public function testALayerOverAnotherIsPressedSecondAndSinks(): void
    {
        $plan = self::plan([[], ['over' => true, 'placement' => ['side_mm' => 100]]]);
        self::assertStringContainsString('that one is pressed first', self::say($plan, 'layer.order-1'));
        self::assertSame(Severity::Warn, self::found($plan, 'layer.sinks-1')[0]->severity);
        self::assertStringContainsString('sinks in', self::say($plan, 'layer.sinks-1'));
        self::assertSame(
            [],
            array_filter(
                $plan->transfers[0]->checks,
                static fn(Check $check): bool => str_starts_with($check->id, 'layer.'),
            ),
            'the lower one sinks nowhere',
        );
    }

    public function testWhatIsRubbedOnWithoutHeatSinksIntoNothing(): void
    {
        $plan = Orchard::whole(
            Orchard::layered([['placement' => ['side_mm' => 100]], ['over' => true]], self::over('burnish-wax')),
        );
        self::assertNotSame([], self::found($plan, 'layer.order-1'));
        self::assertSame([], self::found($plan, 'layer.sinks-1'));
    }

    public function testALayerOverNothingIsNoted(): void
    {
        self::assertSame(
            Severity::Note,
            self::found(self::plan([[], ['side' => 'back', 'over' => true]]), 'layer.nothing-below')[0]->severity,
        );
    }

    /** A pillar of 70 mm is 220 mm round: 60 mm each at the seam, one from either side, meet behind it. */
    public function testRoundAPiecePicturesMeetBehindTheSeam(): void
    {
        $at = static fn(float $left, float $right): Plan => Orchard::whole(
            Orchard::layered(
                [
                    ['placement' => ['side_mm' => 60, 'right_mm' => $left]],
                    ['placement' => ['side_mm' => 60, 'right_mm' => $right]],
                ],
                self::over('tissue-wax'),
            ),
        );
        self::assertSame([], self::found($at(-60.0, 60.0), 'layer.overlap-1'));
        self::assertNotSame([], self::found($at(-100.0, 100.0), 'layer.overlap-1'));
        self::assertSame(
            ['Picture 1', 'Picture 2'],
            array_map(static fn(TransferPlan $one): string => $one->name, $at(-60.0, 60.0)->transfers),
        );
    }

    public function testSheetsAreAllPrintedFirstAndDryTogether(): void
    {
        $steps = self::plan([[], ['side' => 'back']])->steps();
        $kinds = array_map(static fn(Step $step): string => $step->kind->value, $steps);
        self::assertSame(['print', 'look', 'print', 'look', 'dry'], array_slice($kinds, 0, 5));
        self::assertCount(1, array_keys($kinds, 'dry', true));
        self::assertCount(1, array_keys($kinds, 'off', true), 'the iron goes off once, at the end');
        self::assertSame('off', end($kinds));
    }

    public function testThePieceIsTurnedOverBetweenItsSidesOnly(): void
    {
        $turns = static fn(string ...$sides): int => count(
            array_filter(
                self::plan(self::on($sides))->steps(),
                static fn(Step $step): bool => StepKind::Turn === $step->kind,
            ),
        );
        self::assertSame(1, $turns('front', 'back'));
        self::assertSame(0, $turns('front', 'front'));
        self::assertSame(2, $turns('front', 'back', 'front'));
    }

    public function testWhatPicturesOfASideShareIsDoneOnce(): void
    {
        $count = static fn(StepKind $kind, string ...$sides): int => count(
            array_filter(
                Orchard::whole(Orchard::layered(self::on($sides), self::over('toner-metal')))->steps(),
                static fn(Step $step): bool => $step->kind === $kind,
            ),
        );
        self::assertSame(1, $count(StepKind::Sand, 'front', 'front'));
        self::assertSame(2, $count(StepKind::Sand, 'front', 'back'));
        self::assertSame($count(StepKind::Coat, 'front'), $count(StepKind::Coat, 'front', 'front'));
        self::assertSame(2 * $count(StepKind::Coat, 'front'), $count(StepKind::Coat, 'front', 'back'));
        self::assertSame(2, $count(StepKind::Peel, 'front', 'front'));
    }

    /** Two pictures on a mug are wrapped on together and pressed once: common practice, no source. */
    public function testPicturesRoundAMugArePressedInOneGo(): void
    {
        $plan = Orchard::whole(
            Orchard::layered(
                [
                    ['placement' => ['side_mm' => 60, 'right_mm' => -64]],
                    ['placement' => ['side_mm' => 60, 'right_mm' => 64]],
                ],
                self::over('laser-ceramic'),
            ),
        );
        $kinds = array_count_values(array_map(static fn(Step $step): string => $step->kind->value, $plan->steps()));
        self::assertSame(
            [2, 2, 2, 1, 1, 1, 2],
            [
                $kinds['print'],
                $kinds['cut'],
                $kinds['wrap'],
                $kinds['heat'],
                $kinds['cool'],
                $kinds['clean'],
                $kinds['peel'],
            ],
        );
        self::assertCount(1, $plan->rounds);
        self::assertNotSame([], self::found($plan, 'layer.together'));
    }

    public function testWhatOverlapsOrIsOnTheOtherSideIsNotPressedInOneGo(): void
    {
        $first = ['placement' => ['side_mm' => 100]];
        $apart = ['placement' => ['side_mm' => 100, 'below_mm' => 360]];
        self::assertSame(1, self::rounds($first, $apart), 'the platen holds both');
        self::assertSame(2, self::rounds($first, ['over' => true] + $first));
        self::assertSame(2, self::rounds($first, ['choices' => ['things' => ['heat' => 'press-large']]] + $apart));
        self::assertSame(
            2,
            self::rounds($first, ['placement' => ['side_mm' => 100, 'below_mm' => 640]]),
            'too far apart for the platen',
        );
    }

    public function testTheBackIsSeenAndLiesTheOtherWayRound(): void
    {
        [$front, $back] = self::plan([[], ['side' => 'back']])->transfers;
        $cloth = static fn(TransferPlan $plan): array => array_values(
            array_map(
                static fn(Layer $layer): ?string => $layer->label,
                array_filter(
                    $plan->arrangement->stack->layers,
                    static fn(Layer $layer): bool => LayerRole::Blank === $layer->role,
                ),
            ),
        );
        self::assertSame(['shirt front', 'shirt back'], $cloth($front));
        self::assertSame(['shirt back', 'shirt front'], $cloth($back));
        self::assertCount(
            count($front->placing->size->drawing) - 1,
            $back->placing->size->drawing,
            'the front collar is hidden',
        );
        self::assertGreaterThan(
            $front->placing->size->heightMm,
            $back->placing->size->heightMm,
            'the collar is higher at the back',
        );
    }

    /** Two sides take less than twice one: printing waits, drying and switching off are shared. */
    public function testTwoSidesTakeLessThanTwoJobs(): void
    {
        $one = self::plan([[]]);
        $two = self::plan([[], ['side' => 'back']]);
        $takes = static fn(Plan $plan): int => Work::of($plan, new Places())->spanS();
        self::assertGreaterThan($takes($one), $takes($two));
        self::assertLessThan(2 * $takes($one), $takes($two));
    }

    public function testEveryStepHasAnIdOfItsOwn(): void
    {
        $ids = array_map(
            static fn(Step $step): string => $step->id,
            self::plan([[], ['side' => 'back'], ['side' => 'back', 'over' => true]])->steps(),
        );
        self::assertSame(array_unique($ids), $ids);
    }

    public function testAnOverlapMayBeSetAsideWithAReason(): void
    {
        $job = Orchard::edit(
            self::job([[], ['placement' => ['side_mm' => 100]]]),
            ['override.layer.overlap-1' => 'It is only the margin.'],
            1,
        );
        self::assertTrue(Orchard::whole($job)->ready());
        self::assertSame([], $job->transfers[0]->overrides);
    }

    public function testANarrowedShareNarrowsItsFirstPictureOnly(): void
    {
        $plan = Orchard::whole(
            Orchard::edit(self::job([[], ['side' => 'back', 'placement' => ['side_mm' => 150]]]), [
                'breakdown' => '2 S 120 mm, 1 M',
            ]),
        );
        self::assertSame(
            [120.0, 150.0],
            array_map(
                static fn(TransferPlan $one): float => $one->placing->placed->size->widthMm ?? 0.0,
                $plan->shares[0]->plan->transfers,
            ),
        );
    }

    /** @return iterable<string, array{list<array<string, mixed>>}> */
    public static function wrongLists(): iterable
    {
        yield 'none' => [[]];
        yield 'nine' => [array_fill(0, 9, [])];
    }

    /** @param list<array<string, mixed>> $transfers */
    #[DataProvider('wrongLists')]
    public function testFromOneToEightPicturesGoOnAPiece(array $transfers): void
    {
        $this->expectException(BadRecord::class);
        self::job($transfers);
    }

    public function testASideThatABlankDoesNotHaveIsNamed(): void
    {
        $this->expectExceptionMessage(
            'Wubbin knows no “sleeve” here. It knows front, back, left-sleeve, right-sleeve.',
        );
        self::plan([['side' => 'sleeve']]);
    }

    public function testAJobFileKeepsEveryPicture(): void
    {
        $job = self::job([[], ['side' => 'back', 'over' => true, 'route' => 'multi-film']]);
        self::assertEquals(
            $job,
            JobFile::read(Record::of(json_decode((string) json_encode(JobFile::write($job)), true))),
        );
    }

    /** @param list<array<string, mixed>> $transfers */
    private static function job(array $transfers): Job
    {
        return Orchard::layered($transfers);
    }

    /** @param list<array<string, mixed>> $transfers */
    private static function plan(array $transfers): Plan
    {
        return Orchard::whole(self::job($transfers));
    }

    /**
     * @param array<string> $sides
     *
     * @return list<array<string, mixed>>
     */
    private static function on(array $sides): array
    {
        return array_map(static fn(string $side): array => ['side' => $side], array_values($sides));
    }

    /** @param array<string, mixed> ...$pictures */
    private static function rounds(array ...$pictures): int
    {
        return count(Orchard::whole(Orchard::layered(array_values($pictures), self::over('sublimation')))->rounds);
    }

    /** @return array<string, mixed> a job of the route, as what is written over the usual one */
    private static function over(string $route): array
    {
        $file = JobFile::write(Orchard::jobOf($route));

        return ['blank' => $file['blank'] ?? []] + $file['transfers'][0];
    }

    /** @return list<Check> */
    private static function found(Plan $plan, string $id): array
    {
        return array_values(array_filter($plan->checks(), static fn(Check $check): bool => $id === $check->id));
    }

    private static function say(Plan $plan, string $id): string
    {
        return (new UnitFormat())->phrase(
            (self::found($plan, $id)[0] ?? self::fail($id . ' is not among the checks.'))->message,
        );
    }
}
