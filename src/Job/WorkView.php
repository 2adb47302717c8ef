<?php

declare(strict_types=1);

namespace Wubbin\Job;

use OpenApi\Attributes as OA;
use Wubbin\Core\Plan\Plan;
use Wubbin\Core\Work\Places;
use Wubbin\Core\Work\Work;
use Wubbin\Core\Work\WorkLine;

/** What a job comes to for all its pieces: sheets, hands and hours, for the lot and for one by itself. */
#[OA\Schema]
final readonly class WorkView
{
    /**
     * @param list<JobSheetView> $on
     * @param list<WorkLineView> $lines
     */
    private function __construct(
        #[OA\Property(description: 'Sheets that all pieces want')] public int $sheets,
        #[
            OA\Property(
                type: 'array',
                items: new OA\Items(ref: JobSheetView::class),
                description: 'Sheets that are alike, and what is on each; without those of pictures in parts',
            ),
        ]
        public array $on,
        #[
            OA\Property(
                type: 'array',
                items: new OA\Items(ref: WorkLineView::class),
                description: 'Step by step, how hands come to their time',
            ),
        ]
        public array $lines,
        #[OA\Property(description: 'Seconds of hands for all')] public int $hands_s,
        #[OA\Property(description: 'Seconds from begin to end with one pair of hands')] public int $span_s,
        #[OA\Property(description: 'Seconds of hands for a single piece by itself')] public int $one_hands_s,
        #[OA\Property(description: 'Seconds for that from begin to end')] public int $one_span_s,
    ) {}

    public static function of(Plan $plan, Places $places): self
    {
        $all = Work::forPieces($plan, $plan->quantity, $places);
        $one = Work::forPieces($plan, 1, $places);

        return new self(
            $all->sheets->count(),
            array_map(JobSheetView::of(...), $all->sheets->runs),
            array_map(
                static fn(WorkLine $line): WorkLineView => new WorkLineView(
                    $line->step->id,
                    $line->step->kind->value,
                    $line->goes,
                    $line->count,
                    $line->atOnce,
                    $line->handsS,
                    $line->waitS,
                ),
                $all->lines(),
            ),
            $all->handsS(),
            $all->spanS(),
            $one->handsS(),
            $one->spanS(),
        );
    }
}
