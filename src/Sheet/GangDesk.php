<?php

declare(strict_types=1);

namespace Wubbin\Sheet;

use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Length;
use Wubbin\Core\Plan\GangLot;
use Wubbin\Core\Plan\Plan;
use Wubbin\Http\Problem;
use Wubbin\Job\JobDesk;
use Wubbin\Job\StoredJob;
use Wubbin\Task\Progress;

/** Brings the pictures of several jobs onto sheets together. */
final readonly class GangDesk
{
    /** The order of trying is the same each time, so that the same jobs give the same sheets. */
    private const SEED = 1;

    public function __construct(private JobDesk $desk)
    {
    }

    /**
     * @param list<string> $jobs    ids
     * @param float        $seconds that the search may take for each lot
     *
     * @throws Problem where a job cannot be printed yet, or a picture does not fit
     */
    public function layOut(array $jobs, Length $gap, float $seconds, Progress $progress): GangView
    {
        $plans = $this->plans($jobs);
        $lots = GangLot::of($plans);
        $gangs = [];
        foreach ($lots as $n => $lot) {
            $began = microtime(true);
            $said = 0.0;
            try {
                $gangs[] = [$lot, $lot->laidOut($gap, self::SEED, static function (int $tried, int $sheets) use ($n, $lots, $began, $seconds, $progress, $lot, &$said): bool {
                    $spent = microtime(true) - $began;
                    if ($spent - $said > 0.2) {
                        $said = $spent;
                        $progress->at(($n + min(1.0, $spent / $seconds)) / count($lots), sprintf('%s: %d sheets so far', $lot->medium->label, $sheets));
                        if ($progress->enough()) {
                            return false;
                        }
                    }

                    return $spent < $seconds;
                })];
            } catch (BadRecord $e) {
                throw Problem::field($e->field, $e->getMessage());
            }
        }

        return GangView::of($gangs, array_map(static fn (Plan $plan): array => [$plan->jobId, $plan->id()], $plans));
    }

    /**
     * The plans of jobs that can be printed.
     *
     * @param list<string> $jobs
     *
     * @return list<Plan>
     *
     * @throws Problem
     */
    public function plans(array $jobs): array
    {
        if ([] === $jobs) {
            throw Problem::field('jobs', 'Choose the jobs that go on the sheets.');
        }
        $stored = array_map($this->desk->find(...), array_values(array_unique($jobs)));
        $plans = $this->desk->plans(array_map(static fn (StoredJob $job) => $job->job(), $stored));
        foreach ($plans as $plan) {
            if (!$plan->printable()) {
                throw Problem::field('jobs', sprintf('“%s” cannot be printed yet: see its checks.', $plan->jobName));
            }
        }

        return $plans;
    }
}
