<?php

declare(strict_types=1);

namespace Wubbin\Run;

use OpenApi\Attributes as OA;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Run\Defect;

/** A judged piece, as a line of the logbook. */
#[OA\Schema(required: ['id', 'run', 'job', 'name', 'piece', 'outcome', 'defects', 'note', 'photo', 'at', 'plan', 'artwork', 'route'])]
final readonly class LogEntry
{
    /** @param list<string> $defects in words */
    private function __construct(
        #[OA\Property]
        public int $id,
        #[OA\Property]
        public string $run,
        #[OA\Property]
        public string $job,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public int $piece,
        #[OA\Property(enum: ['good', 'redo', 'spoiled'])]
        public string $outcome,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))]
        public array $defects,
        #[OA\Property]
        public string $note,
        #[OA\Property(type: 'string', nullable: true)]
        public ?string $photo,
        #[OA\Property(format: 'date-time')]
        public string $at,
        #[OA\Property]
        public string $plan,
        #[OA\Property(type: 'string', nullable: true)]
        public ?string $artwork,
        #[OA\Property(description: 'The blank and the routes, in words')]
        public string $route,
    ) {
    }

    public static function of(StoredPiece $piece): self
    {
        $run = $piece->run;
        $plan = Record::of($run->document);
        $transfers = $plan->records('transfers');
        $line = static fn (Record $transfer, string $id): string => array_values(array_filter($transfer->records('decisions'), static fn (Record $decision): bool => $id === $decision->string('id')))[0]->record('value')->string('text');

        return new self(
            $piece->id ?? 0,
            $run->id,
            $run->job,
            $run->name,
            $piece->number,
            $piece->outcome->value ?? '',
            array_map(static fn (string $defect): string => Defect::from($defect)->label(), $piece->defects),
            $piece->note,
            $piece->photo,
            $piece->judged ?? '',
            $run->plan,
            $transfers[0]->stringOrNull('artwork'),
            $line($transfers[0], 'blank').' · '.implode(' + ', array_unique(array_map(static fn (Record $one): string => $line($one, 'route'), $transfers))),
        );
    }
}
