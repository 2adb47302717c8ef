<?php

declare(strict_types=1);

namespace Wubbin\Job;

use Doctrine\DBAL\ArrayParameterType;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Clock\ClockInterface;
use Wubbin\Core\Job\Job;
use Wubbin\Core\Plan\Plan;
use Wubbin\Measure\SettingsStore;
use Wubbin\Storage\Words;

/**
 * The jobs that are not put away, a page at a time, each as far as it is. What a plan says of a job is kept until
 * anything changes that it hangs on.
 */
final readonly class JobList
{
    public const A_PAGE = 60;

    public function __construct(
        private EntityManagerInterface $entities,
        private PlanMemory $plans,
        private JobProgress $progress,
        private SettingsStore $settings,
        private ClockInterface $clock,
    ) {}

    /** @return list<JobSummary> what is not finished in front, and of that what is due first */
    public function page(string $words, int $after, JobsWanted $wanted = JobsWanted::All): array
    {
        $today = $this->today();

        return $this->summaries($this->ids($words, $after, $wanted, $today), $today);
    }

    /**
     * @param list<string> $ids
     *
     * @return list<JobSummary> those that are there, in this order
     */
    public function some(array $ids): array
    {
        return $this->summaries($ids, $this->today());
    }

    private function today(): string
    {
        return $this->clock->now()->setTimezone(new \DateTimeZone($this->settings->get()->zone))->format('Y-m-d');
    }

    /**
     * @param list<string> $ids
     *
     * @return list<JobSummary>
     */
    private function summaries(array $ids, string $today): array
    {
        $stored = [];
        foreach ($this->entities->getRepository(StoredJob::class)->findBy(['id' => $ids]) as $one) {
            $stored[$one->id] = $one;
        }
        $jobs = array_values(
            array_filter(
                array_map(static fn(string $id): ?Job => ($stored[$id] ?? null)?->job(), $ids),
                static fn(?Job $job): bool => null !== $job,
            ),
        );
        $plans = $this->plans->of($jobs);
        $progress = $this->progress->of($jobs, $plans);
        $orders = $this->orders($ids);

        return array_map(static function (Job $job) use ($stored, $plans, $progress, $orders, $today): JobSummary {
            $told = $plans->ask($job, 'list', self::told(...));
            $far = $progress[$job->id];

            return new JobSummary(
                $job->id,
                $job->name,
                $job->quantity,
                $job->due,
                $told['blank'],
                $job->blank->colour->toHex(),
                $told['artwork'],
                $told['ready'],
                $told['printable'],
                $far->open,
                $far->good,
                $stored[$job->id]->updated,
                null !== $job->due && $job->due < $today && $far->good < $job->quantity,
                array_map(static fn(array $stage): JobStage => new JobStage(...$stage), $far->stages()),
                $orders[$job->id] ?? null,
            );
        }, $jobs);
    }

    /** @return list<string> */
    private function ids(string $words, int $after, JobsWanted $wanted, string $today): array
    {
        $query = Words::query($words, 'job');
        $found =
            null === $query
                ? ''
                : 'AND j.id IN (SELECT o.id FROM word CROSS JOIN word_of o ON o.number = word.rowid ' .
                    'WHERE word MATCH :words)';
        $sql = <<<SQL
        SELECT j.id, COALESCE(g.good, 0) AS good, COALESCE(h.handed, 0) AS handed FROM job j
        LEFT JOIN (
            SELECT r.job AS job, COUNT(*) AS good FROM run r JOIN piece p ON p.run_id = r.id
            WHERE p.outcome = 'good' GROUP BY r.job
        ) g ON g.job = j.id
        LEFT JOIN (
            SELECT p.key AS job, SUM(p.value) AS handed FROM handover, json_each(handover.pieces) p GROUP BY p.key
        ) h ON h.job = j.id
        WHERE j.archived = :archived AND j.id NOT IN (SELECT id FROM removed WHERE kind = 'job')
        AND {$wanted->where()} {$found}
        ORDER BY COALESCE(g.good, 0) >= j.quantity, j.day, j.updated DESC LIMIT :most OFFSET :after
        SQL;
        /** @var list<string> $ids */
        $ids = $this->entities
            ->getConnection()
            ->executeQuery(
                $sql,
                [
                    'archived' => JobsWanted::Archived === $wanted ? 1 : 0,
                    'most' => self::A_PAGE,
                    'after' => max(0, $after),
                ] +
                    (null === $query ? [] : ['words' => $query]) +
                    (JobsWanted::Late === $wanted ? ['today' => $today] : []),
            )
            ->fetchFirstColumn();

        return $ids;
    }

    /**
     * @param list<string> $jobs
     *
     * @return array<string, JobOrder> the order that each belongs to
     */
    private function orders(array $jobs): array
    {
        $orders = [];
        /** @var list<array{string, string, string}> $rows */
        $rows = $this->entities
            ->getConnection()
            ->executeQuery(
                'SELECT j.value, o.id, o.label FROM shop_order o, json_each(o.jobs) j WHERE j.value IN (?)',
                [$jobs],
                [ArrayParameterType::STRING],
            )
            ->fetchAllNumeric();
        foreach ($rows as [$job, $id, $label]) {
            $orders[$job] = new JobOrder($id, $label);
        }

        return $orders;
    }

    /** @return array{blank: string, artwork: ?string, ready: bool, printable: bool} */
    private static function told(Plan $plan): array
    {
        return [
            'blank' => $plan->transfers[0]->decisions[0]->value->text,
            'artwork' => $plan->transfers[0]->artwork(),
            'ready' => $plan->ready(),
            'printable' => $plan->printable(),
        ];
    }
}
