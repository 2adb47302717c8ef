<?php

declare(strict_types=1);

namespace Wubbin\Core\Sheet;

use Wubbin\Core\Measure\Rect;

/** A part of a picture that is too large for one sheet. */
final readonly class Tile implements \JsonSerializable
{
    /**
     * @param int $row from 1, the uppermost first
     * @param int $column from 1, the leftmost as the picture reads first
     * @param Rect $part of the picture as it reads, in mm from its upper left corner, the overlaps with it
     */
    public function __construct(public int $row, public int $column, public Rect $part) {}

    public function name(): string
    {
        return $this->row . '·' . $this->column;
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return [
            'name' => $this->name(),
            'row' => $this->row,
            'column' => $this->column,
            'x_mm' => $this->part->xMm,
            'y_mm' => $this->part->yMm,
            'width_mm' => $this->part->size->widthMm,
            'height_mm' => $this->part->size->heightMm,
        ];
    }
}
