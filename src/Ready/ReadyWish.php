<?php

declare(strict_types=1);

namespace Wubbin\Ready;

use OpenApi\Attributes as OA;
use Wubbin\Core\Measure\Record;

/** What is to be done to a picture of a job. */
#[OA\Schema]
final readonly class ReadyWish
{
    /** @param list<array<string, mixed>> $steps */
    public function __construct(
        #[OA\Property(description: 'Which picture on the piece, from 0')] public int $transfer,
        #[
            OA\Property(
                description: 'As in a job file, in order; none for the picture as it came',
                items: new OA\Items(type: 'object', additionalProperties: true),
            ),
        ]
        public array $steps,
    ) {}

    public static function fromRecord(Record $record): self
    {
        $steps = [];
        foreach ($record->records('steps') as $step) {
            /** @var array<string, mixed> $raw */
            $raw = $step->raw();
            $steps[] = $raw;
        }

        return new self($record->integer('transfer'), $steps);
    }
}
