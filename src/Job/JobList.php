<?php

declare(strict_types=1);

namespace Wubbin\Job;

use Doctrine\DBAL\ArrayParameterType;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Contracts\Cache\CacheInterface;
use Wubbin\Core\Artwork\Picture;
use Wubbin\Core\Job\House;
use Wubbin\Core\Job\Job;
use Wubbin\Core\Job\Shelf;
use Wubbin\Core\Job\Transfer;
use Wubbin\Core\Plan\Check;
use Wubbin\Core\Plan\Planner;
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
        private JobPlanner $jobs,
        private Planner $planner,
        private GoodPieces $goodPieces,
        private CacheInterface $kept,
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
            ->orderBy("COALESCE(json_extract(document, '$.due'), '9999')")
            ->addOrderBy('updated', 'DESC')
            ->setFirstResult(max(0, $after))
            ->setMaxResults(self::A_PAGE)
            ->fetchFirstColumn();
        $stored = [];
        foreach ($this->entities->getRepository(StoredJob::class)->findBy(['id' => $ids]) as $one) {
            $stored[$one->id] = $one;
        }
        $shelf = $this->jobs->shelf();
        $house = $this->jobs->house();
        $shop = hash('sha256', serialize([$shelf, $house]));
        $good = $this->goodPieces->goodByJob();
        $jobs = array_map(static fn(string $id): Job => $stored[$id]->job(), $ids);
        $facts = $this->facts($jobs);

        return array_map(function (Job $job) use ($stored, $shelf, $house, $shop, $good, $facts): JobSummary {
            $id = $job->id;
            $seen = array_map(
                static fn(Transfer $transfer): string => $facts[$transfer->artwork ?? ''] ?? '',
                $job->transfers,
            );
            $key = hash('sha256', $shop . serialize([$job, $seen]));
            $told = $this->kept->get(
                $key,
                fn(): array => $this->told($job, $shelf, $this->jobs->pictures($job), $house),
            );

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

    /**
     * What is known of the jobs' pictures, as hashes, so that a picture that was looked at again is noticed.
     *
     * @param list<Job> $jobs
     *
     * @return array<string, string> by the picture's SHA-256
     */
    private function facts(array $jobs): array
    {
        $pictures = array_values(
            array_unique(
                array_filter(
                    array_merge(
                        ...array_map(
                            static fn(Job $job): array => array_map(
                                static fn(Transfer $transfer): ?string => $transfer->artwork,
                                $job->transfers,
                            ),
                            $jobs,
                        ),
                    ),
                    is_string(...),
                ),
            ),
        );
        /** @var array<string, string> $facts */
        $facts = $this->entities
            ->getConnection()
            ->executeQuery(
                'SELECT sha256, facts FROM artwork WHERE sha256 IN (?)',
                [$pictures],
                [ArrayParameterType::STRING],
            )
            ->fetchAllKeyValue();

        return array_map(static fn(string $one): string => hash('xxh128', $one), $facts);
    }

    /**
     * @param array<string, Picture> $pictures
     *
     * @return array{blank: string, artwork: ?string, ready: bool, printable: bool, open: int}
     */
    private function told(Job $job, Shelf $shelf, array $pictures, House $house): array
    {
        $plan = $this->planner->plan($job, $shelf, $pictures, $house);

        return [
            'blank' => $plan->transfers[0]->decisions[0]->value->text,
            'artwork' => $plan->transfers[0]->artwork(),
            'ready' => $plan->ready(),
            'printable' => $plan->printable(),
            'open' => count(array_filter($plan->checks(), static fn(Check $check): bool => $check->blocks())),
        ];
    }
}
