<?php

declare(strict_types=1);

namespace Wubbin\Core\Sheet;

use Wubbin\Core\Measure\Rect;
use Wubbin\Core\Measure\Size;

/** One sheet with parts of a picture on it. */
final readonly class TileSheet implements \JsonSerializable
{
    /**
     * @param non-empty-list<PlacedTile> $tiles
     * @param list<SheetMark> $marks of the page's own
     */
    public function __construct(public Size $page, public Rect $printable, public array $tiles, public array $marks) {}

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return [
            'page_width_mm' => $this->page->widthMm,
            'page_height_mm' => $this->page->heightMm,
            'printable' => [
                'x_mm' => $this->printable->xMm,
                'y_mm' => $this->printable->yMm,
                'width_mm' => $this->printable->size->widthMm,
                'height_mm' => $this->printable->size->heightMm,
            ],
            'tiles' => $this->tiles,
            'marks' => $this->marks,
        ];
    }
}
