<?php

declare(strict_types=1);

namespace Wubbin\Core\Job;

use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Measure\Size;

/** What was left of a sheet and is worth keeping. */
final readonly class Offcut
{
    /** Smaller ones are scraps, in mm (assumed). */
    public const LEAST_MM = 40.0;

    public function __construct(public string $id, public string $mediumId, public Size $size) {}

    /** @throws BadRecord */
    public static function fromRecord(Record $record): self
    {
        $size = Size::mm($record->number('width_mm'), $record->number('height_mm'));
        if (min($size->widthMm, $size->heightMm) < self::LEAST_MM || max($size->widthMm, $size->heightMm) > 2000.0) {
            throw BadRecord::at('size', 'An offcut is from 40 mm (1.6 in) to 2 m on each side.');
        }

        return new self($record->string('id'), $record->string('medium'), $size);
    }

    /** @return array{id: string, medium: string, width_mm: float, height_mm: float} */
    public function toRecord(): array
    {
        return [
            'id' => $this->id,
            'medium' => $this->mediumId,
            'width_mm' => $this->size->widthMm,
            'height_mm' => $this->size->heightMm,
        ];
    }
}
