<?php

declare(strict_types=1);

namespace Wubbin\Core\Ready;

use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Colour;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Measure\Rect;
use Wubbin\Core\Measure\UnreadableQuantity;

/** A line all round the picture. */
final readonly class Framed implements ReadyStep
{
    private function __construct(public float $lineMm, public float $gapMm, public Colour $colour) {}

    /** @throws BadRecord naming line_mm or gap_mm */
    public static function by(float $lineMm, float $gapMm, Colour $colour): self
    {
        if ($lineMm < 0.1 || $lineMm > 100.0) {
            throw BadRecord::at('line_mm', 'Write a width from 0.1 mm to 100 mm (4 in).');
        }
        if ($gapMm < 0.0 || $gapMm > 200.0) {
            throw BadRecord::at('gap_mm', 'Write a distance from 0 to 200 mm (8 in).');
        }

        return new self($lineMm, $gapMm, $colour);
    }

    public static function fromRecord(Record $record): self
    {
        return self::by($record->number('line_mm'), $record->number('gap_mm'), self::colour($record));
    }

    /** @throws BadRecord */
    public static function colour(Record $record): Colour
    {
        try {
            return Colour::hex($record->string('colour'));
        } catch (UnreadableQuantity $e) {
            throw BadRecord::at('colour', $e->getMessage());
        }
    }

    public function toRecord(): array
    {
        return [
            'do' => 'frame',
            'line_mm' => $this->lineMm,
            'gap_mm' => $this->gapMm,
            'colour' => $this->colour->toHex(),
        ];
    }

    public function box(Rect $now): Rect
    {
        return $now->grown($this->lineMm + $this->gapMm);
    }
}
