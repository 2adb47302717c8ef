<?php

declare(strict_types=1);

namespace Wubbin\Job;

use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Uid\Uuid;
use Wubbin\Artwork\ArtworkStore;
use Wubbin\Core\Job\Job;
use Wubbin\Core\Job\JobCheck;
use Wubbin\Core\Job\JobFile;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Route\Catalogue;
use Wubbin\Refusal\InvalidInput;
use Wubbin\Refusal\Refusal;
use Wubbin\Storage\SchemaCheck;

/** Takes a job file into the shop, its embedded pictures with it. */
final readonly class JobImport
{
    public function __construct(
        private SchemaCheck $schemas,
        private ArtworkStore $artwork,
        private EntityManagerInterface $entities,
        private Catalogue $catalogue,
    ) {}

    /**
     * A job whose id is taken comes in beside the one that has it, under a new id.
     *
     * @throws Refusal naming the fields that are wrong
     */
    public function read(string $json): Job
    {
        $record = $this->schemas->decode('job', $json);
        $job = JobFile::read($record);
        JobCheck::hold($job, $this->catalogue);
        foreach ($record->records('transfers') as $transfer) {
            $made = $transfer->has('made') ? $transfer->record('made') : null;
            if (null !== $made?->stringOrNull('embedded')) {
                $this->takeEmbedded($made->string('embedded'), $made->string('of'), $made->string('name'));
            }
            $artwork = $transfer->recordOrNull('artwork');
            $embedded = $artwork?->stringOrNull('embedded');
            if (null !== $artwork && null !== $embedded) {
                $this->takeEmbedded($embedded, $artwork->string('sha256'), $artwork->string('name'));
            }
        }
        if (null === $this->entities->find(StoredJob::class, $job->id)) {
            return $job;
        }

        return JobFile::read(Record::of(['id' => Uuid::v4()->toRfc4122()])->over(Record::of(JobFile::write($job))));
    }

    private function takeEmbedded(string $embedded, string $sha256, string $name): void
    {
        $bytes = base64_decode($embedded, true);
        if (false === $bytes || hash('sha256', $bytes) !== $sha256) {
            throw InvalidInput::field(
                'artwork.embedded',
                'The picture in this file does not match its fingerprint. The file was damaged.',
            );
        }
        $path = (string) tempnam(sys_get_temp_dir(), 'wubbin');
        try {
            file_put_contents($path, $bytes);
            $this->artwork->take($path, $name);
        } finally {
            unlink($path);
        }
    }
}
