<?php

declare(strict_types=1);

namespace Wubbin\Core\Artwork;

use Wubbin\Core\Measure\Provenance;
use Wubbin\Core\Measure\Record;

/**
 * What a route asks of a picture: pixels an inch below which it looks soft, and below which it looks broken; and the
 * finest line it holds, in mm; and where gaps are usual, the contrast (WCAG) below which a picture drowns in them.
 */
final readonly class ArtworkLimits
{
    private function __construct(
        public float $dpiGood,
        public float $dpiLeast,
        public float $finestMm,
        public ?float $contrastLeast,
        public Provenance $provenance,
    ) {}

    public static function fromRecord(Record $record): self
    {
        return new self(
            $record->number('dpi_good'),
            $record->number('dpi_least'),
            $record->number('finest_mm'),
            $record->numberOrNull('contrast_least'),
            Provenance::fromRecord($record->record('provenance')),
        );
    }
}
