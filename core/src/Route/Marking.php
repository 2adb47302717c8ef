<?php

declare(strict_types=1);

namespace Wubbin\Core\Route;

use Wubbin\Core\Measure\Provenance;
use Wubbin\Core\Measure\Record;

/** A printer or a pen, as far as the job cares. `marginMm` is the white edge its driver, or the hand, leaves. */
final readonly class Marking
{
    private function __construct(
        public string $id,
        public string $label,
        public Technology $technology,
        public Ink $ink,
        public bool $colour,
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
            $record->boolean('colour'),
            $record->number('margin_mm'),
            Provenance::fromRecord($record->record('provenance')),
        );
    }

    public function byHand(): bool
    {
        return Technology::Hand === $this->technology;
    }
}
