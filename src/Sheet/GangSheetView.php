<?php

declare(strict_types=1);

namespace Wubbin\Sheet;

use OpenApi\Attributes as OA;
use Wubbin\Core\Sheet\Gang\GangSheet;

/** One sheet. */
#[OA\Schema]
final readonly class GangSheetView
{
    /**
     * @param list<GangPlaceView> $places
     * @param list<PlacedRect> $offcuts
     */
    public function __construct(
        public float $page_width_mm,
        public float $page_height_mm,
        public PlacedRect $room,
        #[OA\Property(description: 'Of the shelf, where it is one')] public ?string $offcut,
        public array $places,
        #[OA\Property(description: 'Of what can be printed on, 0 to 1')] public float $filled,
        public array $offcuts,
        #[OA\Property(description: 'The upright check bar, where there is room for it')] public ?PlacedRect $bar,
    ) {}

    public static function of(GangSheet $sheet): self
    {
        return new self(
            $sheet->paper->page->widthMm,
            $sheet->paper->page->heightMm,
            PlacedRect::of($sheet->paper->room),
            $sheet->paper->offcut,
            array_map(GangPlaceView::of(...), $sheet->places),
            $sheet->filled,
            array_map(PlacedRect::of(...), $sheet->offcuts),
            null === $sheet->bar ? null : PlacedRect::of($sheet->bar->rect),
        );
    }
}
