<?php

declare(strict_types=1);

namespace Wubbin\Core\Blank;

use Wubbin\Core\Measure\Provenance;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Measure\Rect;

/**
 * A shirt of one size, laid flat, front up.
 *
 * The origin of its drawing is the middle of the front collar seam; x grows to the viewer's right, y downwards, in mm.
 */
final readonly class ShirtSize
{
    private function __construct(
        public string $id,
        public string $label,
        public float $chestMm,
        public float $lengthMm,
        public Rect $printArea,
        public Provenance $provenance,
    ) {
    }

    public static function fromRecord(Record $record, Provenance $provenance): self
    {
        $width = $record->number('print_width_mm');

        return new self(
            $record->string('id'),
            $record->string('label'),
            $record->number('chest_mm'),
            $record->number('length_mm'),
            Rect::mm(-$width / 2.0, $record->number('print_drop_mm'), $width, $record->number('print_height_mm')),
            $provenance,
        );
    }

    public function forChild(): bool
    {
        return str_starts_with($this->id, 'child');
    }
}
