<?php

declare(strict_types=1);

namespace Wubbin\Core\Sheet\Gang;

use Wubbin\Core\Measure\Rect;
use Wubbin\Core\Sheet\SheetMark;

/** One sheet of a gang. Lengths are in mm from the upper left corner of the page. */
final readonly class GangSheet implements \JsonSerializable
{
    /**
     * @param list<GangPlace> $places
     * @param float $filled by the pieces, of what can be printed on, 0 to 1
     * @param list<Rect> $offcuts the largest rectangles that are left, the largest first
     * @param SheetMark|null $bar the upright check bar, where there is room for it
     */
    public function __construct(
        public GangPaper $paper,
        public array $places,
        public float $filled,
        public array $offcuts,
        public ?SheetMark $bar,
    ) {}

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        $mm = static fn(Rect $rect): array => [
            'x_mm' => $rect->xMm,
            'y_mm' => $rect->yMm,
            'width_mm' => $rect->size->widthMm,
            'height_mm' => $rect->size->heightMm,
        ];

        return [
            'page_width_mm' => $this->paper->page->widthMm,
            'page_height_mm' => $this->paper->page->heightMm,
            'room' => $mm($this->paper->room),
            'offcut' => $this->paper->offcut,
            'places' => $this->places,
            'filled' => $this->filled,
            'offcuts' => array_map($mm, $this->offcuts),
            'bar' => null === $this->bar ? null : $mm($this->bar->rect),
        ];
    }
}
