<?php

declare(strict_types=1);

namespace Wubbin\Core\Sheet\Gang;

use Wubbin\Core\Measure\Rect;
use Wubbin\Core\Sheet\SheetMark;

/** One sheet of a gang. Lengths are in mm from the upper left corner of the page. */
final readonly class GangSheet
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

    /** The same with another piece of the same outline in all its places. */
    public function of(string $piece): self
    {
        return new self(
            $this->paper,
            array_map(
                static fn(GangPlace $place): GangPlace => new GangPlace($piece, $place->rect, $place->quarters),
                $this->places,
            ),
            $this->filled,
            $this->offcuts,
            $this->bar,
        );
    }
}
