<?php

declare(strict_types=1);

namespace Wubbin\Job;

use Doctrine\ORM\EntityManagerInterface;
use Wubbin\Archive\PrintLog;
use Wubbin\Core\Job\Job;
use Wubbin\Core\Plan\Check;
use Wubbin\Core\Plan\Plan;
use Wubbin\Core\Run\BenchState;
use Wubbin\Core\Run\Outcome;
use Wubbin\Core\Work\Progress;
use Wubbin\Core\Work\Tally;
use Wubbin\Session\SessionCounts;
use Wubbin\Session\StoredRun;

/** Tells of some jobs how far each is, from what plans, printers, sessions and customers' notes say. */
final readonly class JobProgress
{
    private const HANDED = <<<'SQL'
    SELECT p.key, SUM(p.value) FROM handover h, json_each(h.pieces) p
    WHERE p.key IN (SELECT value FROM json_each(?)) GROUP BY p.key
    SQL;

    public function __construct(
        private EntityManagerInterface $entities,
        private SessionCounts $counts,
        private PrintLog $prints,
    ) {}

    /**
     * @param list<Job> $jobs
     *
     * @return array<string, Progress> by job
     */
    public function of(array $jobs, RememberedPlans $plans): array
    {
        $ids = array_map(static fn(Job $job): string => $job->id, $jobs);
        $counts = $this->counts->of($ids);
        $prints = $this->prints->of($ids);
        $pressed = $this->pressed($ids);
        /** @var array<string, int> $handed */
        $handed = $this->entities
            ->getConnection()
            ->executeQuery(self::HANDED, [json_encode($ids, \JSON_THROW_ON_ERROR)])
            ->fetchAllKeyValue();
        $progress = [];
        foreach ($jobs as $job) {
            $tally = new Tally($job, $counts[$job->id] ?? [], $prints[$job->id] ?? []);
            $told = $plans->ask($job, 'progress', self::told(...));
            $progress[$job->id] = new Progress(
                $job->quantity,
                $told['picture'],
                $told['open'],
                $told['prints'] ? min($job->quantity, $tally->printed($told['ids'])[0] + $tally->begun()) : null,
                $tally->good() + ($pressed[$job->id] ?? 0),
                $tally->good(),
                $handed[$job->id] ?? 0,
            );
        }

        return $progress;
    }

    /** @return array{picture: bool, open: int, prints: bool, ids: non-empty-list<string>} */
    private static function told(Plan $plan): array
    {
        $prints = $picture = false;
        foreach ($plan->transfers as $transfer) {
            $prints = $prints || null !== $transfer->outfit->marking;
            $picture = $picture || null !== $transfer->artwork() || null === $transfer->outfit->marking;
        }

        return [
            'picture' => $picture,
            'open' => count(array_filter($plan->checks(), static fn(Check $check): bool => $check->blocks())),
            'prints' => $prints,
            'ids' => $plan->ids(),
        ];
    }

    /**
     * Pieces in sessions under way that have been under all of their heat, and are not judged yet.
     *
     * @param list<string> $jobs
     *
     * @return array<string, int> by job
     */
    private function pressed(array $jobs): array
    {
        $pressed = [];
        foreach (
            $this->entities->getRepository(StoredRun::class)->findBy(['job' => $jobs, 'finished' => null])
            as $run
        ) {
            $sequence = $run->sequence();
            $state = BenchState::fromEvents($sequence, $run->history());
            $judged = $state->outcomes();
            foreach ($sequence->pieces() as $piece) {
                $left = array_filter(
                    $sequence->positionsOf($piece),
                    static fn(int $at): bool => $sequence->steps[$at]->heats() && !$state->over($at),
                );
                if ([] === $left && (!isset($judged[$piece]) || Outcome::Redo === $judged[$piece])) {
                    $pressed[$run->job] = ($pressed[$run->job] ?? 0) + 1;
                }
            }
        }

        return $pressed;
    }
}
