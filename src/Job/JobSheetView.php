<?php

declare(strict_types=1);

namespace Wubbin\Job;

use OpenApi\Attributes as OA;
use Wubbin\Core\Plan\SheetRun;
use Wubbin\Core\Sheet\Gang\GangPlace;

/** Sheets of a job that are all alike. */
#[OA\Schema]
final readonly class JobSheetView
{
    /**
     * @param list<string> $holds
     * @param list<JobSheetPlace> $places
     */
    private function __construct(
        public int $copies,
        public string $paper,
        #[OA\Property(description: 'How many of what lie on each, in words')] public array $holds,
        public float $page_width_mm,
        public float $page_height_mm,
        public bool $mirrored,
        #[OA\Property(type: 'array', items: new OA\Items(ref: JobSheetPlace::class))] public array $places,
    ) {}

    public static function of(SheetRun $run): self
    {
        $holds = [];
        foreach ($run->holds() as $id => $count) {
            $holds[] = $count . ' × ' . $run->lot->pictures[$id]->piece->label;
        }

        return new self(
            $run->copies,
            $run->lot->medium->label,
            $holds,
            $run->sheet->paper->page->widthMm,
            $run->sheet->paper->page->heightMm,
            $run->lot->mirrored,
            array_map(
                static fn(GangPlace $place): JobSheetPlace => JobSheetPlace::of(
                    $place,
                    $run->lot->pictures[$place->piece]->transfer,
                ),
                $run->sheet->places,
            ),
        );
    }
}
