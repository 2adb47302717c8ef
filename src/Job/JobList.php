<?php

declare(strict_types=1);

namespace Wubbin\Job;

use Doctrine\ORM\EntityManagerInterface;
use Wubbin\Core\Job\Job;
use Wubbin\Core\Plan\Check;
use Wubbin\Core\Plan\Plan;
use Wubbin\Session\GoodPieces;

/**
 * The jobs that are not put away, the soonest due first, a page at a time. What a plan says of a job is kept until
 * anything changes that it hangs on.
 */
final readonly class JobList
{
    public const A_PAGE = 60;

    public function __construct(
        private EntityManagerInterface $entities,
        private PlanMemory $plans,
        private GoodPieces $goodPieces,
    ) {}

    /**
     * @param bool $archived those that were put away, instead of those that were not
     *
     * @return list<JobSummary>
     */
    public function page(string $words, int $after, bool $archived = false): array
    {
        /** @var list<string> $ids */
        $ids = $this->entities
            ->getConnection()
            ->createQueryBuilder()
            ->select('id')
            ->from('job')
            ->where('archived = :archived')
            ->andWhere("id NOT IN (SELECT id FROM removed WHERE kind = 'job')")
            ->setParameter('archived', $archived ? 1 : 0)
            ->andWhere("instr(lower(json_extract(document, '$.name')), :words) > 0")
            ->setParameter('words', mb_strtolower($words))
            ->orderBy('day')
            ->addOrderBy('updated', 'DESC')
            ->setFirstResult(max(0, $after))
            ->setMaxResults(self::A_PAGE)
            ->fetchFirstColumn();
        $stored = [];
        foreach ($this->entities->getRepository(StoredJob::class)->findBy(['id' => $ids]) as $one) {
            $stored[$one->id] = $one;
        }
        $good = $this->goodPieces->goodByJob();
        $jobs = array_map(static fn(string $id): Job => $stored[$id]->job(), $ids);
        $plans = $this->plans->of($jobs);

        return array_map(static function (Job $job) use ($stored, $good, $plans): JobSummary {
            $id = $job->id;
            $told = $plans->ask($job, 'list', self::told(...));

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
                $told['open'],
                $good[$job->id] ?? 0,
                $stored[$id]->updated,
            );
        }, $jobs);
    }

    /** @return array{blank: string, artwork: ?string, ready: bool, printable: bool, open: int} */
    private static function told(Plan $plan): array
    {
        return [
            'blank' => $plan->transfers[0]->decisions[0]->value->text,
            'artwork' => $plan->transfers[0]->artwork(),
            'ready' => $plan->ready(),
            'printable' => $plan->printable(),
            'open' => count(array_filter($plan->checks(), static fn(Check $check): bool => $check->blocks())),
        ];
    }
}
