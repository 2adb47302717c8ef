<?php

declare(strict_types=1);

namespace Wubbin\Job;

use Doctrine\ORM\Mapping as ORM;
use Wubbin\Core\Job\Job;
use Wubbin\Core\Job\JobFile;
use Wubbin\Core\Measure\Record;
use Wubbin\Storage\Instant;

/** A job in the shop's database, with the revision that tells two screens apart that edit it at once. */
#[ORM\Entity]
#[ORM\Table(name: 'job')]
class StoredJob
{
    #[ORM\Version, ORM\Column(type: 'integer')]
    public int $revision = 1;

    #[ORM\Column(length: 24)]
    public readonly string $created;

    #[ORM\Column(length: 24)]
    public string $updated;

    /** Out of the list, but never lost: what was made from it stays in the logbook. */
    #[ORM\Column]
    public bool $archived = false;

    /** @param array<string, mixed> $document a job file */
    private function __construct(
        #[ORM\Id, ORM\Column(length: 64)] public readonly string $id,
        #[ORM\Column(type: 'json')] private array $document,
        \DateTimeImmutable $now,
    ) {
        $this->created = $this->updated = Instant::write($now);
    }

    public static function fromJob(Job $job, \DateTimeImmutable $now): self
    {
        return new self($job->id, JobFile::write($job), $now);
    }

    public function job(): Job
    {
        return JobFile::read(Record::of($this->document));
    }

    public function change(Job $job, \DateTimeImmutable $now): void
    {
        $this->document = JobFile::write($job);
        $this->updated = Instant::write($now);
    }
}
