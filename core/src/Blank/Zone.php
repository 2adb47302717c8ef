<?php

declare(strict_types=1);

namespace Wubbin\Core\Blank;

use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Measure\Rect;

/** A place of a blank that a picture keeps clear of: a pocket, a hole, a seam. In the blank's own coordinates. */
final readonly class Zone
{
    private const FARTHEST_MM = 2000.0;

    private function __construct(public string $label, public string $side, public Rect $rect, public bool $hole) {}

    /**
     * Its middle is so far right of the centre-line; its upper edge so far below the edge that the blank is measured
     * from.
     *
     * @throws BadRecord naming the measure, unless its sides are above 0 and all of it within 2 m
     */
    public static function fromRecord(Record $record): self
    {
        $mm = [];
        foreach (['right_mm', 'below_mm', 'width_mm', 'height_mm'] as $name) {
            $mm[$name] = $record->number($name);
            if (abs($mm[$name]) > self::FARTHEST_MM) {
                throw BadRecord::at($name, 'A blank is 2000 mm (79 in) at most.');
            }
        }
        foreach (['width_mm', 'height_mm'] as $name) {
            if ($mm[$name] <= 0.0) {
                throw BadRecord::at($name, 'A part to keep clear needs a width and a height.');
            }
        }

        return new self(
            $record->words('label'),
            $record->string('side'),
            Rect::mm($mm['right_mm'] - $mm['width_mm'] / 2.0, $mm['below_mm'], $mm['width_mm'], $mm['height_mm']),
            $record->boolean('hole'),
        );
    }

    /**
     * @return array{label: string, side: string, right_mm: float, below_mm: float, width_mm: float, height_mm: float,
     *     hole: bool}
     */
    public function toRecord(): array
    {
        $size = $this->rect->size;

        return [
            'label' => $this->label,
            'side' => $this->side,
            'right_mm' => $this->rect->xMm + $size->widthMm / 2.0,
            'below_mm' => $this->rect->yMm,
            'width_mm' => $size->widthMm,
            'height_mm' => $size->heightMm,
            'hole' => $this->hole,
        ];
    }

    /** @return array{float, float} its middle */
    public function middle(): array
    {
        return [($this->rect->xMm + $this->rect->right()) / 2.0, ($this->rect->yMm + $this->rect->bottom()) / 2.0];
    }
}
