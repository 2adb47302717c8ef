<?php

declare(strict_types=1);

namespace Wubbin\Core\Sheet;

use Wubbin\Core\Measure\Rect;

/** A part of a picture on its sheet. */
final readonly class PlacedTile implements \JsonSerializable
{
    /**
     * @param Rect $at where it lies before it is turned: as large as the part, in mm on the page
     * @param bool $sideways a quarter with the clock, about the upper left corner of what it takes up
     * @param Rect $takes up of the page, its marks with it
     * @param list<SheetMark> $marks round it, before it is turned
     */
    public function __construct(
        public Tile $tile,
        public Rect $at,
        public bool $sideways,
        public Rect $takes,
        public array $marks,
    ) {}

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return [
            'tile' => $this->tile->name(),
            'x_mm' => $this->at->xMm,
            'y_mm' => $this->at->yMm,
            'width_mm' => $this->at->size->widthMm,
            'height_mm' => $this->at->size->heightMm,
            'sideways' => $this->sideways,
            'takes' => [
                'x_mm' => $this->takes->xMm,
                'y_mm' => $this->takes->yMm,
                'width_mm' => $this->takes->size->widthMm,
                'height_mm' => $this->takes->size->heightMm,
            ],
            'marks' => $this->marks,
        ];
    }
}
