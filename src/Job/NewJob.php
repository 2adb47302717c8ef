<?php

declare(strict_types=1);

namespace Wubbin\Job;

use OpenApi\Attributes as OA;
use Wubbin\Core\Measure\Record;
use Wubbin\Refusal\InvalidInput;
use Wubbin\Refusal\Refusal;

/** A job to be made, with what is already known of it as it was typed. */
#[OA\Schema]
final readonly class NewJob
{
    public const ID = '/^[0-9a-z-]{1,64}$/';
    public const ID_RULE = 'An id has small letters, digits and hyphens.';

    /** @param array<string, string> $changes */
    private function __construct(
        #[OA\Property(description: 'A new UUID, made by the page')] public string $id,
        public string $name,
        public array $changes,
    ) {}

    /** @throws Refusal unless small letters, digits and hyphens */
    public static function id(Record $record): string
    {
        $id = $record->string('id');

        return 1 === preg_match(self::ID, $id) ? $id : throw InvalidInput::field('id', self::ID_RULE);
    }

    public static function fromRecord(Record $record): self
    {
        return new self(self::id($record), $record->string('name'), $record->record('changes')->stringMap());
    }
}
