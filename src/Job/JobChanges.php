<?php

declare(strict_types=1);

namespace Wubbin\Job;

use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\Uid\Uuid;
use Wubbin\Change\ChangeKind;
use Wubbin\Change\Changes;
use Wubbin\Change\Undoable;
use Wubbin\Core\Job\Job;
use Wubbin\Core\Job\JobFile;
use Wubbin\Core\Measure\Record;
use Wubbin\Refusal\InvalidInput;
use Wubbin\Refusal\Refusal;

/** Changes jobs so that it can be taken back. */
final readonly class JobChanges implements Undoable
{
    public function __construct(
        private JobPlanner $jobs,
        private EntityManagerInterface $entities,
        private Changes $changes,
        private ClockInterface $clock,
    ) {}

    /** @param bool|null $archived null where that stays */
    public function change(StoredJob $stored, Job $job, ?bool $archived = null): void
    {
        $before = self::written($stored->job(), $stored->archived);
        $stored->archived = $archived ?? $stored->archived;
        $stored->change($job, $this->clock->now());
        $this->changes->keep(ChangeKind::Job, $stored->id, $before, self::written($job, $stored->archived));
    }

    /**
     * Puts several jobs away, takes them out again, or copies them.
     *
     * @return int how many there are of them
     *
     * @throws Refusal naming the field
     */
    public function many(ManyJobs $many): int
    {
        $jobs = array_values(array_unique($many->jobs));
        if ([] === $jobs || count($jobs) > ManyJobs::MOST) {
            throw InvalidInput::field('jobs', sprintf('Choose 1 to %d jobs.', ManyJobs::MOST));
        }
        $found = $this->entities->getRepository(StoredJob::class)->findBy(['id' => $jobs]);
        foreach ($found as $stored) {
            match ($many->do) {
                'archive' => $this->change($stored, $stored->job(), true),
                'bring-back' => $this->change($stored, $stored->job(), false),
                'copy' => $this->entities->persist(
                    StoredJob::fromJob($stored->job()->copiedAs(Uuid::v4()->toRfc4122()), $this->clock->now()),
                ),
                default => throw InvalidInput::field('do', 'Choose what becomes of them.'),
            };
        }
        $this->entities->flush();

        return count($found);
    }

    public function kind(): ChangeKind
    {
        return ChangeKind::Job;
    }

    public function document(string $thing): array
    {
        $stored = $this->jobs->find($thing);

        return self::written($stored->job(), $stored->archived);
    }

    public function restore(string $thing, array $document): void
    {
        $record = Record::of($document);
        $job = JobFile::read($record);
        // What it names may have gone since.
        $this->jobs->plan($job);
        $stored = $this->jobs->find($thing);
        $stored->archived = $record->boolean('archived');
        $stored->change($job, $this->clock->now());
    }

    /** @return array<string, mixed> */
    private static function written(Job $job, bool $archived): array
    {
        return JobFile::write($job) + ['archived' => $archived];
    }
}
