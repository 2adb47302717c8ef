<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Plan;

use PHPUnit\Framework\TestCase;
use Wubbin\Core\Job\Shelf;
use Wubbin\Core\Measure\ProvenanceKind;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Measure\UnitFormat;
use Wubbin\Core\Plan\Plan;
use Wubbin\Core\Plan\Step;
use Wubbin\Core\Plan\TransferPlan;
use Wubbin\Core\Route\StepKind;
use Wubbin\Core\Tests\Orchard;

/** Steps and figures of clear film on light cloth against what the trade does: common practice, no source. */
final class StepsTest extends TestCase
{
    public function testTheOrderOfWork(): void
    {
        $kinds = array_map(static fn(Step $s): string => $s->kind->value, Orchard::plan()->steps);
        self::assertSame(
            ['print', 'look', 'dry', 'cut', 'ready', 'prepress', 'place', 'heat', 'cool', 'peel', 'compare', 'off'],
            array_values(array_unique($kinds)),
        );
    }

    /** 15 to 20 s each iron-sized area. */
    public function testSecondsAnArea(): void
    {
        $areas = self::of(Orchard::plan(), StepKind::Heat);
        self::assertCount(4, $areas);
        foreach ($areas as $i => $step) {
            self::assertGreaterThanOrEqual(15.0, $step->duration->seconds);
            self::assertLessThanOrEqual(20.0, $step->duration->seconds);
            self::assertSame($i + 1, $step->area);
            self::assertSame(ProvenanceKind::CommonPractice, $step->time->provenance->kind);
        }
    }

    /** At least 60 s for a chest picture, whatever its areas. */
    public function testAMinuteInAllForAChestPicture(): void
    {
        foreach (['150 mm', '200 mm', '240 mm'] as $width) {
            $seconds = array_sum(
                array_map(
                    static fn(Step $s): float => $s->duration->seconds,
                    self::of(Orchard::plan(Orchard::edited(['width' => $width])), StepKind::Heat),
                ),
            );
            self::assertGreaterThanOrEqual(60.0, $seconds, $width);
        }
    }

    /** Drying 30 min, or 5 min of the other school. */
    public function testDrying(): void
    {
        self::assertSame(1800.0, self::of(Orchard::plan(), StepKind::Dry)[0]->duration->seconds);
        self::assertSame(
            300.0,
            self::of(Orchard::plan(Orchard::edited(['school.drying' => 'dry-5'])), StepKind::Dry)[0]->duration->seconds,
        );
    }

    /** Iron sweep of one school: about 2 mm/s. Hottest, no steam. */
    public function testPaceAndSetting(): void
    {
        $plan = Orchard::plan(Orchard::edited(['school.iron-move' => 'keep-moving']));
        self::assertStringContainsString('2 mm/s', (new UnitFormat())->phrase(self::of($plan, StepKind::Heat)[0]->cue));
        self::assertStringContainsString('Pour the water out', self::of($plan, StepKind::Ready)[0]->cue->text);
    }

    /** A worn shirt is pressed hot, and longer, before the film is laid. */
    public function testAWornShirtIsPressedLonger(): void
    {
        $new = self::of(Orchard::plan(), StepKind::Prepress)[0]->duration->seconds;
        self::assertGreaterThan(
            $new,
            self::of(Orchard::plan(Orchard::edited(['condition' => 'used'])), StepKind::Prepress)[0]->duration->seconds,
        );
    }

    public function testCautionsStandWhereTheyMatter(): void
    {
        $plan = Orchard::plan();
        self::assertStringContainsString('The plate is hot', self::of($plan, StepKind::Heat)[0]->cautions[0]);
        self::assertStringContainsString('Never leave a hot iron', self::of($plan, StepKind::Off)[0]->cautions[0]);
        self::assertSame([], self::of($plan, StepKind::Cut)[0]->cautions);
        self::assertCount(1, $plan->cautions, 'the rights to the picture');
        self::assertStringContainsString(
            'children’s',
            Orchard::plan(Orchard::edited(['size' => 'child-9']))->cautions[0],
        );
    }

    public function testThePlansIdChangesWithWhatShows(): void
    {
        $id = Orchard::whole()->id();
        self::assertMatchesRegularExpression('/^[0-9a-f]{8}$/', $id);
        self::assertSame($id, Orchard::whole()->id(), 'the same job, the same plan');
        self::assertSame(
            $id,
            Orchard::whole(Orchard::edited(['quantity' => '24', 'name' => 'Else']))->id(),
            'more of the same is the same plan',
        );
        foreach (
            [
                ['width' => '239 mm'],
                ['finish' => 'gloss'],
                ['heat' => 'iron-travel'],
                ['below' => '81 mm'],
                ['base' => 'bench'],
            ]
            as $changes
        ) {
            self::assertNotSame($id, Orchard::whole(Orchard::edited($changes))->id(), (string) json_encode($changes));
        }
    }

    /** A sheet that was made still matches where only something else on the shelf has changed. */
    public function testWhatElseThereIsMakesNoOtherPlan(): void
    {
        $all = Orchard::shelf()->toRecord();
        $of = static fn(array $heat): Plan => Orchard::whole(
            shelf: Shelf::fromRecord(Record::of(['heat' => $heat] + $all), Orchard::catalogue()),
        );
        $iron = array_values(
            array_filter($all['heat'], static fn(array $one): bool => 'iron-household' === $one['id']),
        );
        self::assertCount(1, $iron);
        [$many, $one] = [$of($all['heat']), $of($iron)];
        self::assertNotEquals($many->transfers[0]->decisions, $one->transfers[0]->decisions, 'there is no other iron');
        self::assertSame($many->id(), $one->id());
    }

    public function testAPlanIsWrittenWithUnitsInItsNames(): void
    {
        $written = json_encode(Orchard::whole(), \JSON_THROW_ON_ERROR);
        self::assertStringContainsString('"width_mm":240', $written);
        self::assertStringContainsString('"duration_s":1800', $written);
        self::assertStringContainsString('"mirrored":true', $written);
    }

    /** @return list<Step> */
    private static function of(TransferPlan $plan, StepKind $kind): array
    {
        return array_values(array_filter($plan->steps, static fn(Step $s): bool => $s->kind === $kind));
    }
}
