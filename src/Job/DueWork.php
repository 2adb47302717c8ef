<?php

declare(strict_types=1);

namespace Wubbin\Job;

use Doctrine\ORM\EntityManagerInterface;
use Wubbin\Archive\PrintLog;
use Wubbin\Core\Work\Tally;
use Wubbin\Session\SessionCounts;
use Wubbin\Session\StoredRun;

/** What is still to be made of the jobs of this shop. */
final readonly class DueWork
{
    /** Jobs that are due, with fewer good pieces than are wanted; and those that are at the bench. */
    private const LEFT = <<<'SQL'
    SELECT j.id FROM job j
    LEFT JOIN (
        SELECT r.job AS job, COUNT(*) AS good FROM run r JOIN piece p ON p.run_id = r.id
        WHERE p.outcome = 'good' GROUP BY r.job
    ) g ON g.job = j.id
    WHERE j.archived = 0 AND (
        (j.day < '9999-12-31' AND COALESCE(g.good, 0) < j.quantity)
        OR j.id IN (SELECT job FROM run WHERE finished IS NULL)
    )
    SQL;

    public function __construct(
        private EntityManagerInterface $entities,
        private SessionCounts $counts,
        private PrintLog $prints,
    ) {}

    /** @return list<DueJob> jobs that something is left of, the soonest due first */
    public function left(): array
    {
        /** @var list<string> $ids */
        $ids = $this->entities->getConnection()->fetchFirstColumn(self::LEFT);
        $sessions = [];
        foreach (
            $this->entities
                ->getRepository(StoredRun::class)
                ->findBy(['finished' => null, 'job' => $ids], ['created' => 'ASC'])
            as $run
        ) {
            $sessions[$run->job][] = $run;
        }
        $counts = $this->counts->of($ids);
        $prints = $this->prints->of($ids);
        $left = [];
        foreach ($this->entities->getRepository(StoredJob::class)->findBy(['id' => $ids]) as $stored) {
            $one = new DueJob(
                ($job = $stored->job()),
                $sessions[$stored->id] ?? [],
                new Tally($job, $counts[$stored->id] ?? [], $prints[$stored->id] ?? []),
            );
            if ((null !== $one->job->due && $one->tally->left > 0) || [] !== $one->sessions) {
                $left[] = $one;
            }
        }
        usort(
            $left,
            static fn(DueJob $one, DueJob $other): int => [$one->job->due ?? '9999', $one->job->id] <=> [
                $other->job->due ?? '9999',
                $other->job->id,
            ],
        );

        return $left;
    }
}
