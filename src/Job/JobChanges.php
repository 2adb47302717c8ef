<?php

declare(strict_types=1);

namespace Wubbin\Job;

use Symfony\Component\Clock\ClockInterface;
use Wubbin\Change\ChangeKind;
use Wubbin\Change\Changes;
use Wubbin\Change\Undoable;
use Wubbin\Core\Job\Job;
use Wubbin\Core\Job\JobFile;
use Wubbin\Core\Measure\Record;

/** Changes jobs so that it can be taken back. */
final readonly class JobChanges implements Undoable
{
    public function __construct(private JobPlanner $jobs, private Changes $changes, private ClockInterface $clock) {}

    /** @param bool|null $archived null where that stays */
    public function change(StoredJob $stored, Job $job, ?bool $archived = null): void
    {
        $before = self::written($stored->job(), $stored->archived);
        $stored->archived = $archived ?? $stored->archived;
        $stored->change($job, $this->clock->now());
        $this->changes->keep(ChangeKind::Job, $stored->id, $before, self::written($job, $stored->archived));
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
