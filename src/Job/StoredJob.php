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
#[ORM\Index(name: 'job_listed', columns: ['archived', 'day', 'updated'])]
class StoredJob
{
    public const NO_DAY = '9999-12-31';

    #[ORM\Version, ORM\Column(type: 'integer')]
    public int $revision = 1;

    #[ORM\Column(length: 24)]
    public readonly string $created;

    #[ORM\Column(length: 24)]
    public string $updated;

    /** Out of the list, but never lost: what was made from it stays in the logbook. */
    #[ORM\Column]
    public bool $archived = false;

    /** Of the job, for lists: the day that it is due, and one that never comes where it is not. */
    #[ORM\Column(length: 10, options: ['default' => self::NO_DAY])]
    public string $day = self::NO_DAY;

    /** The same: how many pieces are wanted. */
    #[ORM\Column(options: ['default' => 1])]
    public int $quantity = 1;

    /** @var array<string, mixed> a job file */
    #[ORM\Column(type: 'json')]
    private array $document;

    private function __construct(#[ORM\Id, ORM\Column(length: 64)] public readonly string $id, Job $job, string $now)
    {
        $this->created = $now;
        $this->write($job, $now);
    }

    public static function fromJob(Job $job, \DateTimeImmutable $now): self
    {
        return new self($job->id, $job, Instant::write($now));
    }

    public function job(): Job
    {
        return JobFile::read(Record::of($this->document));
    }

    public function change(Job $job, \DateTimeImmutable $now): void
    {
        $this->write($job, Instant::write($now));
    }

    private function write(Job $job, string $now): void
    {
        $this->document = JobFile::write($job);
        [$this->day, $this->quantity, $this->updated] = [$job->due ?? self::NO_DAY, $job->quantity, $now];
    }
}
