<?php

declare(strict_types=1);

namespace Wubbin\Job;

use OpenApi\Attributes as OA;
use Wubbin\Core\Measure\Record;

/** Changes to a job, field by field as typed, made from the revision that the screen showed. */
#[OA\Schema(required: ['revision', 'changes'])]
final readonly class JobChange
{
    /** @param array<string, string> $changes */
    private function __construct(
        public int $revision,
        public array $changes,
        #[OA\Property(description: 'The picture on the piece that is meant, from 0')] public int $transfer,
        public ?bool $archived,
    ) {}

    public static function fromRecord(Record $record): self
    {
        return new self(
            $record->integer('revision'),
            $record->record('changes')->stringMap(),
            $record->has('transfer') ? $record->integer('transfer') : 0,
            $record->has('archived') ? $record->boolean('archived') : null,
        );
    }
}
