<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Day;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Wubbin\Core\Day\Activity;
use Wubbin\Core\Day\Day;
use Wubbin\Core\Day\Hours;
use Wubbin\Core\Day\JobActivities;
use Wubbin\Core\Day\Part;
use Wubbin\Core\Day\Scheduler;
use Wubbin\Core\Day\Timetable;
use Wubbin\Core\Day\Workshop;
use Wubbin\Core\Measure\Size;
use Wubbin\Core\Plan\Plan;
use Wubbin\Core\Run\BenchSequence;
use Wubbin\Core\Run\BenchState;
use Wubbin\Core\Run\Event;
use Wubbin\Core\Tests\Orchard;

final class JobActivitiesTest extends TestCase
{
    private static function day(Plan $plan, int $pieces, int $hands = 1): Day
    {
        $activities = JobActivities::forPlan($plan, 1, $pieces, 40_000, 6, 4);
        $machines = array_fill_keys(
            array_filter(array_map(static fn(Activity $one): ?string => $one->machine, $activities), is_string(...)),
            1,
        );

        return new Day(
            $activities,
            new Workshop($hands, new Hours([[0, 200_000]]), $machines, [], [Part::RACK => 6, Part::SHELF => 4]),
            0,
        );
    }

    /**
     * @param list<Activity> $activities
     *
     * @return array<string, Activity> by piece and what is done
     */
    private static function named(array $activities): array
    {
        return array_combine(
            array_map(
                static fn(Activity $one): string => (null === $one->piece ? '' : $one->piece . ': ') . $one->label,
                $activities,
            ),
            $activities,
        );
    }

    /** A rack full of sheets is printed and dried, then each piece by itself, then the iron off. */
    public function testAJobBecomesActivities(): void
    {
        $activities = self::named(JobActivities::forPlan(Orchard::whole(), 1, 2, null, 6, 4));
        self::assertFalse($activities['1: print']->hands, 'while the printer runs there is time for something else');
        self::assertSame(180, $activities['1: print']->seconds, 'two sheets');
        self::assertSame(
            [Part::RACK, 2],
            [$activities['1: dry']->place, $activities['1: dry']->room],
            'both lie there',
        );
        self::assertTrue($activities['1: heat']->hands);
        self::assertSame(200.0, $activities['1: heat']->celsius);
        self::assertSame(Part::SHELF, $activities['2: cool']->place);
        self::assertCount(2, $activities['off']->after, 'the iron stays on for both');
    }

    /** Sixteen sheets and room for six to dry: three stacks, whose numbers stay when the first pieces are done with. */
    public function testSheetsArePrintedARackFullAtATime(): void
    {
        $stacks = static fn(int $from): array => array_values(
            array_map(
                static fn(Activity $one): array => [$one->id, $one->room],
                array_filter(
                    JobActivities::forPlan(Orchard::whole(), $from, 16, null, 6, 4),
                    static fn(Activity $one): bool => 'dry' === $one->label,
                ),
            ),
        );
        self::assertSame([['crew 0 sheets 1 2', 6], ['crew 0 sheets 7 2', 6], ['crew 0 sheets 13 2', 4]], $stacks(1));
        self::assertSame([['crew 0 sheets 3 2', 4], ['crew 0 sheets 7 2', 6], ['crew 0 sheets 13 2', 4]], $stacks(3));
    }

    /** A small picture lies on a sheet several times: one sheet is printed for them all. */
    public function testASheetIsPrintedOnceForManyPieces(): void
    {
        $plan = Orchard::whole(Orchard::edited(['width' => '50 mm']));
        $holds = $plan->transfers[0]->perSheet();
        self::assertGreaterThan(4, $holds);
        $activities = self::named(JobActivities::forPlan($plan, 1, $holds, null, 6, 4));
        self::assertSame([90, 1], [$activities['1: print']->seconds, $activities['1: dry']->room]);
        $more = self::named(JobActivities::forPlan($plan, 1, $holds + 1, null, 6, 4));
        self::assertSame([180, 2], [$more['1: print']->seconds, $more['1: dry']->room]);
    }

    /** What lies flat is pressed as many at once as the plate holds; a shirt is not. */
    public function testAPlateHoldsSeveralSmallThings(): void
    {
        $press = ['choices' => ['things' => ['heat' => 'press-flat'], 'schools' => [], 'figures' => []]];
        $board = Orchard::whole(
            Orchard::jobOf(
                'sublimation',
                [
                    'blank' => [
                        'kind' => 'metal',
                        'size' => 'row-tag',
                        'material' => 'coated-metal',
                        'condition' => 'smooth',
                    ],
                    'placement' => ['side_mm' => 60, 'below_mm' => 5],
                ] + $press,
            ),
        );
        $holds =
            $board->transfers[0]->plate?->holds(
                Size::mm($board->transfers[0]->size->widthMm, $board->transfers[0]->size->heightMm),
                0.0,
            ) ?? 0;
        self::assertGreaterThan(8, $holds);
        $heat = array_values(
            array_filter(
                JobActivities::forPlan($board, 1, 12, null, 20, 20),
                static fn(Activity $one): bool => null !== $one->celsius,
            ),
        );
        $one = array_values(
            array_filter(
                JobActivities::forPlan($board, 1, 1, null, 20, 20),
                static fn(Activity $one): bool => null !== $one->celsius,
            ),
        );
        self::assertSame((int) ceil(12 / min(20, $holds)) * count($one), count($heat));
        self::assertSame($one[0]->seconds, $heat[0]->seconds, 'the plate heats them all together');
        $shirts = array_filter(
            JobActivities::forPlan(Orchard::whole(Orchard::jobOf('dark-film', $press)), 1, 3, null, 6, 4),
            static fn(Activity $one): bool => 'heat' === $one->label,
        );
        self::assertCount(3, $shirts);
    }

    /**
     * Forty tags: each is heated and peeled by itself, then two are coated one after the other and dry beside each
     * other.
     */
    public function testWhatMayWaitIsDoneInLots(): void
    {
        $plan = Orchard::whole(Orchard::jobOf('toner-metal', ['quantity' => 40]));
        $activities = JobActivities::forPlan($plan, 1, 40, null, 8, 8);
        $of = static fn(string $label): array => array_values(
            array_filter($activities, static fn(Activity $one): bool => $label === $one->label),
        );
        self::assertCount(40, $of('heat'));
        $waits = $of('wait');
        self::assertSame([2, 0], [$waits[0]->room, count($waits) % 20]);
        $coats = array_values(array_filter($plan->steps(), static fn($step): bool => 'coat' === $step->kind->value));
        self::assertSame(2 * (int) $coats[0]->duration->seconds, $of('coat')[0]->seconds);
        $hands = array_sum(array_map(static fn(Activity $one): int => $one->hands ? $one->seconds : 0, $activities));
        $sheets = array_sum(
            array_map(
                static fn($step): float => 'each-sheet' === $step->scope->value ? $step->duration->seconds : 0.0,
                $plan->steps(),
            ),
        );
        self::assertEqualsWithDelta(
            $plan->handsFor(40)->seconds - 40 * $sheets,
            $hands,
            40 * $sheets,
            'no time is lost but what many pieces on a sheet share',
        );
    }

    /** One piece at the heat, one not begun: the first stays where it is, and what follows waits for it. */
    public function testASessionAtTheBenchGoesOn(): void
    {
        $plan = Orchard::whole();
        $sequence = BenchSequence::fromRounds($plan->rounds, 2);
        $at = new \DateTimeImmutable('2026-11-26 10:00:00 UTC');
        $events = [];
        foreach ($sequence->steps as $position => $step) {
            if ('heat' === $step->kind->value) {
                $events[] = Event::started($position, $at, 'heat');
                break;
            }
            $events[] = Event::done($position, $at, 'press-' . $position);
        }
        $now = $at->modify('+5 seconds');
        $all = JobActivities::forSession(
            $plan,
            'r1',
            $sequence,
            BenchState::fromEvents($sequence, $events),
            $now,
            null,
        );
        // Where the iron is set down several times, the first place is what counts here.
        $activities = self::named(array_reverse($all));
        self::assertArrayNotHasKey('print', $activities, 'it is printed');
        self::assertArrayNotHasKey('1: place', $activities, 'and placed');
        self::assertSame($at->getTimestamp(), $activities['1: heat']->began);
        self::assertSame((int) $sequence->steps[count($events) - 1]->seconds, $activities['1: heat']->seconds);
        self::assertNull($activities['2: heat']->began);
        $machines = array_fill_keys(
            array_filter(array_map(static fn(Activity $one): ?string => $one->machine, $all), is_string(...)),
            1,
        );
        $day = new Day(
            $all,
            new Workshop(
                1,
                new Hours([[$now->getTimestamp(), $now->getTimestamp() + 9000]]),
                $machines,
                [],
                [Part::RACK => 6, Part::SHELF => 4],
            ),
            $now->getTimestamp(),
        );
        self::assertSame([], Checker::of(Scheduler::first($day)));
    }

    /** What is printed or drawn comes before it dries, at the bench and on the day. */
    #[TestWith(['light-film'])]
    #[TestWith(['sublimation'])]
    #[TestWith(['tissue-wax'])]
    #[TestWith(['handmade-wax'])]
    public function testItDriesOnceSomethingIsOnIt(string $route): void
    {
        $kinds = array_map(
            static fn($step): string => $step->kind->value,
            BenchSequence::fromRounds(Orchard::whole(Orchard::jobOf($route))->rounds, 1)->steps,
        );
        $dries = array_search('dry', $kinds, true);
        $made =
            array_values(array_intersect_key(array_keys($kinds), array_intersect($kinds, ['print', 'draw'])))[0] ??
            \PHP_INT_MAX;
        self::assertNotFalse($dries);
        self::assertLessThan($dries, $made);
    }

    /** It cools from the moment the heat is off, and is peeled while it is as the ticket says. */
    #[TestWith(['matte', 90])]
    #[TestWith(['gloss', null])]
    public function testAWarmPeelMayNotWait(string $finish, ?int $most): void
    {
        $activities = self::named(
            JobActivities::forPlan(Orchard::whole(Orchard::edited(['finish' => $finish])), 1, 1, null, 6, 4),
        );
        self::assertSame(0, $activities['1: cool']->after[0]->most);
        self::assertSame($most, $activities['1: peel, compare']->after[0]->most);
    }

    /** No time is lost or won between plan and day. */
    #[TestWith([1])]
    #[TestWith([5])]
    public function testTheTimesAreThePlans(int $pieces): void
    {
        $plan = Orchard::whole();
        $seconds = array_sum(
            array_map(
                static fn(Activity $one): int => $one->hands ? $one->seconds : 0,
                JobActivities::forPlan($plan, 1, $pieces, null, 6, 4),
            ),
        );
        $printing = $plan->steps()[0]->durationFor(max(1, $pieces))->seconds;
        self::assertEqualsWithDelta(
            $plan->handsFor(max(1, $pieces))->seconds - $printing,
            $seconds,
            3.0 * $pieces + 13.0,
        );
    }

    /** Waiting overlaps with hands: six shirts need far less than six times one. */
    public function testADayOfShirtsKeepsAllRules(): void
    {
        $one = Scheduler::first(self::day(Orchard::whole(), 1));
        $six = Scheduler::first(self::day(Orchard::whole(), 6));
        self::assertSame([], Checker::of($six));
        self::assertLessThan(6 * $one->score->finish, 2 * $six->score->finish);
        $again = Scheduler::best(
            self::day(Orchard::whole(), 6),
            1,
            static fn(int $try, Timetable $best): bool => $try <= 20,
        );
        self::assertSame([], Checker::of($again));
    }
}
