<?php

declare(strict_types=1);

namespace Wubbin\Job;

use OpenApi\Attributes as OA;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Record;

/** A job to be made, with what is already known of it as it was typed. */
#[OA\Schema]
final readonly class NewJob
{
    /** @param array<string, string> $changes */
    private function __construct(
        #[OA\Property(description: 'A new UUID, made by the page')] public string $id,
        public string $name,
        public array $changes,
    ) {}

    /** @throws BadRecord */
    public static function fromRecord(Record $record): self
    {
        return new self($record->id('id'), $record->string('name'), $record->record('changes')->stringMap());
    }
}
