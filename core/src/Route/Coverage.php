<?php

declare(strict_types=1);

namespace Wubbin\Core\Route;

use Wubbin\Core\Measure\Length;
use Wubbin\Core\Measure\Provenance;
use Wubbin\Core\Measure\Record;

/**
 * How much of an iron's plate really presses, how far it is moved for its steam holes, and how far neighbouring places
 * overlap.
 */
final readonly class Coverage
{
    private function __construct(
        public float $usableLengthShare,
        public Length $edgeStrip,
        public Length $steamShift,
        public Length $overlap,
        public Length $beyondEdge,
        public Provenance $provenance,
    ) {}

    public static function fromRecord(Record $record): self
    {
        return new self(
            $record->number('usable_length_share'),
            Length::mm($record->number('edge_strip_mm')),
            Length::mm($record->number('steam_shift_mm')),
            Length::mm($record->number('overlap_mm')),
            Length::mm($record->number('beyond_edge_mm')),
            Provenance::fromRecord($record->record('provenance')),
        );
    }
}
