<?php

declare(strict_types=1);

namespace Wubbin\Job;

use Doctrine\DBAL\ArrayParameterType;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Contracts\Cache\CacheInterface;
use Wubbin\Core\Job\Job;
use Wubbin\Core\Plan\Plan;
use Wubbin\Core\Plan\Planner;

/**
 * Remembers what plans say of jobs until anything changes that a plan hangs on: the job, the shelf, the rules of the
 * house, the room there is to wait, and what is known of the pictures.
 */
final readonly class PlanMemory
{
    public function __construct(
        private EntityManagerInterface $entities,
        private JobPlanner $jobs,
        private Planner $planner,
        private CacheInterface $kept,
    ) {}

    /** @param list<Job> $jobs that will be asked for */
    public function of(array $jobs): RememberedPlans
    {
        $shelf = $this->jobs->shelf();
        $house = $this->jobs->house();

        return new RememberedPlans(
            $this->kept,
            hash('sha256', serialize([$shelf, $house, $this->jobs->places()])),
            $this->facts($jobs),
            fn(Job $job): Plan => $this->planner->plan($job, $shelf, $this->jobs->pictures($job), $house),
        );
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
        $pictures = [];
        foreach ($jobs as $job) {
            foreach ($job->transfers as $transfer) {
                $pictures[$transfer->artwork ?? ''] = $transfer->artwork ?? '';
            }
        }
        /** @var array<string, string> $facts */
        $facts = $this->entities
            ->getConnection()
            ->executeQuery(
                'SELECT sha256, facts FROM artwork WHERE sha256 IN (?)',
                [array_values($pictures)],
                [ArrayParameterType::STRING],
            )
            ->fetchAllKeyValue();

        return array_map(static fn(string $one): string => hash('xxh128', $one), $facts);
    }
}
