<?php

declare(strict_types=1);

namespace Wubbin\Log;

use OpenApi\Attributes as OA;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Run\Mark;
use Wubbin\Core\Run\Outcome;
use Wubbin\Session\StoredEntry;
use Wubbin\Storage\Instant;

/** A judged piece, as a line of the logbook. */
#[OA\Schema]
final readonly class LogEntry
{
    /**
     * @param list<string> $defects in words
     * @param list<Mark> $marks
     */
    private function __construct(
        public int $id,
        public ?string $run,
        public string $job,
        public string $name,
        public int $piece,
        #[OA\Property(enum: ['good', 'redo', 'spoiled'])] public string $outcome,
        public array $defects,
        #[
            OA\Property(
                type: 'array',
                items: new OA\Items(
                    required: ['defect', 'x', 'y'],
                    properties: [
                        new OA\Property(property: 'defect', type: 'string'),
                        new OA\Property(property: 'x', type: 'number', nullable: true),
                        new OA\Property(property: 'y', type: 'number', nullable: true),
                    ],
                    type: 'object',
                ),
            ),
        ]
        public array $marks,
        public string $note,
        public ?string $photo,
        public ?string $photo_before,
        #[OA\Property(format: 'date-time')] public string $at,
        public string $route,
        public string $medium,
        public string $printer,
        public string $heat,
        public string $blank,
        #[
            OA\Property(
                type: 'integer',
                nullable: true,
                description: 'At the last look; null where nobody looked again',
            ),
        ]
        public ?int $washes,
        #[OA\Property(description: 'A later look found that it had gone')] public bool $failed,
        #[
            OA\Property(
                format: 'date',
                nullable: true,
                description: 'The day to ask how it has lasted; null where somebody has, or it never left',
            ),
        ]
        public ?string $ask_on,
    ) {}

    public static function of(StoredEntry $entry): self
    {
        $marks = array_map(static fn(array $mark): Mark => Mark::fromRecord(Record::of($mark)), $entry->marks);

        return new self(
            $entry->id ?? 0,
            $entry->run,
            $entry->job,
            $entry->name,
            $entry->piece,
            $entry->outcome->value,
            array_values(array_unique(array_map(static fn(Mark $mark): string => $mark->defect->label(), $marks))),
            $marks,
            $entry->note,
            $entry->photo,
            $entry->photoBefore,
            $entry->at,
            $entry->route,
            $entry->medium,
            $entry->printer,
            $entry->heat,
            $entry->blank,
            $entry->washes,
            $entry->failed,
            self::askOn($entry),
        );
    }

    private static function askOn(StoredEntry $entry): ?string
    {
        $days = Record::of($entry->done)->recordOrNull('facts')?->numberOrNull('ask_after_days') ?? 0.0;

        return $days <= 0.0 || null !== $entry->washes || Outcome::Good !== $entry->outcome
            ? null
            : Instant::read($entry->at)->modify(sprintf('+%d days', $days))->format('Y-m-d');
    }
}
