<?php

declare(strict_types=1);

namespace Wubbin\Core\Route;

use Wubbin\Core\Measure\Provenance;
use Wubbin\Core\Measure\Record;

/** A printer, as far as the job cares: its technology, its ink, and the white margin its driver leaves, in mm. */
final readonly class Marking
{
    private function __construct(
        public string $id,
        public string $label,
        public Technology $technology,
        public Ink $ink,
        public float $marginMm,
        public Provenance $provenance,
    ) {
    }

    public static function fromRecord(Record $record): self
    {
        return new self(
            $record->string('id'),
            $record->string('label'),
            $record->enum('technology', Technology::class),
            $record->enum('ink', Ink::class),
            $record->number('margin_mm'),
            Provenance::fromRecord($record->record('provenance')),
        );
    }
}
