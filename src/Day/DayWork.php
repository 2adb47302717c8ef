<?php

declare(strict_types=1);

namespace Wubbin\Day;

use Symfony\Component\Clock\ClockInterface;
use Wubbin\Core\Day\Activity;
use Wubbin\Core\Day\JobActivities;
use Wubbin\Core\Job\Job;
use Wubbin\Core\Plan\Plan;
use Wubbin\Core\Run\BenchSequence;
use Wubbin\Core\Work\Lots;
use Wubbin\Core\Work\Places;
use Wubbin\Core\Work\Work;
use Wubbin\Job\DueJob;
use Wubbin\Job\DueWork;
use Wubbin\Job\JobPlanner;
use Wubbin\Job\PlanMemory;
use Wubbin\Job\RememberedPlans;
use Wubbin\Run\BenchSessions;
use Wubbin\Shelf\WorkHoursStore;
use Wubbin\Storage\Instant;

/**
 * What is left of all jobs that are due, as activities of a day: sessions at the bench go on, and what nobody has begun
 * follows. What is due first is planned piece by piece, the rest by the lot.
 */
final readonly class DayWork
{
    /** So many activities are planned piece by piece; where that is not all, only what comes next. */
    private const FINE = 2000;
    private const NEAR = 700;

    /** More is planned a part at a time: what is due first. */
    private const MOST = 8000;

    /** Of one job no more is planned piece by piece: two sessions at the bench. */
    private const MOST_FINE_PIECES = 2 * Places::SESSION;

    public function __construct(
        private JobPlanner $jobs,
        private PlanMemory $plans,
        private BenchSessions $bench,
        private DueWork $due,
        private WorkHoursStore $workHours,
        private ClockInterface $clock,
    ) {}

    /** @return array{list<Activity>, array<string, DueJob>, list<string>} with jobs by id, and names of the rest */
    public function all(): array
    {
        $left = $this->due->left();
        $plans = $this->plans->of(array_map(static fn(DueJob $one): Job => $one->job, $left));
        $sessions = array_map($this->sessions(...), $left);
        $begun = array_sum(array_map(count(...), $sessions));
        $lots =
            $this->lotsOf($left, $plans, self::FINE - $begun, false) ??
            ($this->lotsOf($left, $plans, self::NEAR - $begun, true) ?? []);
        $activities = $jobs = $later = [];
        foreach ($left as $n => $due) {
            $own = [...$sessions[$n], ...$lots[$n]];
            if ([] !== $activities && count($activities) + count($own) > self::MOST) {
                $later[] = $due->job->name;
            } elseif ([] !== $own) {
                array_push($activities, ...$own);
                $jobs[$due->job->id] = $due;
            }
        }

        return [$activities, $jobs, $later];
    }

    /**
     * @param list<DueJob> $left
     * @param int $fine activities that there may be piece by piece
     * @param bool $rough those that are more are planned by the lot
     *
     * @return list<list<Activity>>|null of each; null where they are more, and may not be
     */
    private function lotsOf(array $left, RememberedPlans $plans, int $fine, bool $rough): ?array
    {
        $lots = [];
        foreach ($left as $due) {
            $own = $this->lots($due, $plans, $fine, false);
            $fine -= count($own ?? []);
            if (null === $own && !$rough) {
                return null;
            }
            // Once one is seen from afar, those that come after it are too.
            $fine = null === $own ? 0 : $fine;
            $lots[] = $own ?? ($this->lots($due, $plans, \PHP_INT_MAX, true) ?? []);
        }

        return $lots;
    }

    /**
     * What pieces of a plan take, that nobody has begun or even ordered.
     *
     * @param int<1, max> $pieces
     *
     * @return list<Activity> by the lot, where they are more than is planned piece by piece
     */
    public function ofPieces(string $group, Plan $plan, int $pieces, int $due): array
    {
        return $this->inLots($group, $plan, [[$pieces, null]], $due, $pieces > self::MOST_FINE_PIECES);
    }

    /** @return list<Activity> of sessions under way */
    private function sessions(DueJob $due): array
    {
        $own = [];
        foreach ($due->sessions as $run) {
            array_push(
                $own,
                ...JobActivities::forSession(
                    $due->job->id,
                    $run->id,
                    $run->sequence(),
                    $this->bench->state($run),
                    $this->clock->now(),
                    $this->dueAt($due),
                ),
            );
        }

        return $own;
    }

    /**
     * Of pieces that nobody has begun.
     *
     * @return list<Activity>|null null where they are more than there may be
     */
    private function lots(DueJob $due, RememberedPlans $plans, int $most, bool $rough): ?array
    {
        $at = $this->dueAt($due);
        if (null === $at || 0 === $due->tally->left) {
            return [];
        }
        if (!$rough && ($most < 1 || $due->tally->left > self::MOST_FINE_PIECES)) {
            return null;
        }
        [$printed, $when] = $due->tally->printed(
            $plans->ask($due->job, 'ids', static fn(Plan $plan): array => $plan->ids()),
        );
        $printed = min($printed, $due->tally->left);
        $own = $plans->ask(
            $due->job,
            implode(' ', [$rough ? 'rough' : 'fine', $due->tally->left, $printed, $when, $at]),
            fn(Plan $plan): array => $this->inLots(
                $due->job->id,
                $plan,
                [
                    [$printed, '' === $when ? null : Instant::read($when)->getTimestamp()],
                    [$due->tally->left - $printed, null],
                ],
                $at,
                $rough,
            ),
        );

        return count($own) > $most ? null : $own;
    }

    /**
     * @param list<array{int, int|null}> $all pieces, and since when their sheets lie there printed
     *
     * @return list<Activity>
     */
    private function inLots(string $group, Plan $plan, array $all, int $at, bool $rough): array
    {
        $fullest = $plan->sheets()->fullest();
        $own = [];
        $n = 0;
        foreach ($all as [$pieces, $since]) {
            foreach (Lots::of($pieces, $fullest) as $lot) {
                $work = Work::forPieces($plan, $lot, $this->jobs->places());
                array_push(
                    $own,
                    ...JobActivities::forWork(
                        $group,
                        sprintf('%s %d/%d', $rough ? 'all' : 'lot', ++$n, $lot),
                        BenchSequence::fromTasks($rough ? $work->rough($lot) : $work->tasks()),
                        $at,
                        printed: $since,
                    ),
                );
            }
        }

        return $own;
    }

    private function dueAt(DueJob $due): ?int
    {
        return null === $due->job->due
            ? null
            : $this->workHours->get()->endOf($due->job->due, $this->workHours->zone());
    }
}
