<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Day;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Wubbin\Core\Day\Activity;
use Wubbin\Core\Day\Day;
use Wubbin\Core\Day\Hours;
use Wubbin\Core\Day\JobActivities;
use Wubbin\Core\Day\Scheduler;
use Wubbin\Core\Day\Timetable;
use Wubbin\Core\Day\Workshop;
use Wubbin\Core\Plan\Plan;
use Wubbin\Core\Tests\Orchard;

final class JobActivitiesTest extends TestCase
{
    private static function day(Plan $plan, int $pieces, int $hands = 1): Day
    {
        $activities = JobActivities::of($plan, max(1, $pieces), 40_000);
        $machines = array_fill_keys(array_filter(array_map(static fn (Activity $one): ?string => $one->machine, $activities), is_string(...)), 1);

        return new Day($activities, new Workshop($hands, new Hours([[0, 200_000]]), $machines, [], [JobActivities::RACK => 6, JobActivities::SHELF => 4]), 0);
    }

    /**
     * @param list<Activity> $activities
     *
     * @return array<string, Activity> by piece and what is done
     */
    private static function named(array $activities): array
    {
        return array_combine(array_map(static fn (Activity $one): string => (null === $one->piece ? '' : $one->piece.': ').$one->label, $activities), $activities);
    }

    /** Printing for all, then each piece by itself, then the iron off. */
    public function testAJobBecomesActivities(): void
    {
        $activities = self::named(JobActivities::of(Orchard::whole(), 2, null));
        self::assertFalse($activities['print']->hands, 'while the printer runs there is time for something else');
        self::assertSame(180, $activities['print']->seconds, 'two sheets');
        self::assertSame(JobActivities::RACK, $activities['dry']->place);
        self::assertTrue($activities['1: heat']->hands);
        self::assertSame(200.0, $activities['1: heat']->celsius);
        self::assertSame(JobActivities::SHELF, $activities['2: cool']->place);
        self::assertCount(2, $activities['off']->after, 'the iron stays on for both');
    }

    /** It cools from the moment the heat is off, and is peeled while it is as the ticket says. */
    #[TestWith(['matte', 90])]
    #[TestWith(['gloss', null])]
    public function testAWarmPeelMayNotWait(string $finish, ?int $most): void
    {
        $activities = self::named(JobActivities::of(Orchard::whole(Orchard::edited(['finish' => $finish])), 1, null));
        self::assertSame(0, $activities['1: cool']->after[0]->most);
        self::assertSame($most, $activities['1: peel, compare']->after[0]->most);
    }

    /** No time is lost or won between plan and day. */
    #[TestWith([1])]
    #[TestWith([5])]
    public function testTheTimesAreThePlans(int $pieces): void
    {
        $plan = Orchard::whole();
        $seconds = array_sum(array_map(static fn (Activity $one): int => $one->hands ? $one->seconds : 0, JobActivities::of($plan, max(1, $pieces), null)));
        $printing = $plan->steps()[0]->durationFor(max(1, $pieces))->seconds;
        self::assertEqualsWithDelta($plan->handsFor(max(1, $pieces))->seconds - $printing, $seconds, 3.0 * $pieces + 3.0);
    }

    /** Waiting overlaps with hands: six shirts need far less than six times one. */
    public function testADayOfShirtsKeepsAllRules(): void
    {
        $one = Scheduler::first(self::day(Orchard::whole(), 1));
        $six = Scheduler::first(self::day(Orchard::whole(), 6));
        self::assertSame([], Checker::of($six));
        self::assertLessThan(6 * $one->score->finish, 2 * $six->score->finish);
        $again = Scheduler::best(self::day(Orchard::whole(), 6), 1, static fn (int $try, Timetable $best): bool => $try <= 20);
        self::assertSame([], Checker::of($again));
    }
}
