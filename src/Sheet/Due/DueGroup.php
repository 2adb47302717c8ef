<?php

declare(strict_types=1);

namespace Wubbin\Sheet\Due;

use OpenApi\Attributes as OA;
use Wubbin\Sheet\Printing\PrintSetting;

/** Sheets that are due and go through one printer one after another, without a change of paper. */
#[OA\Schema]
final readonly class DueGroup
{
    /**
     * @param array<string, mixed> $loading
     * @param non-empty-list<DueEntry> $entries
     */
    public function __construct(
        public string $key,
        public string $marking,
        public string $marking_label,
        public string $medium,
        public string $medium_label,
        public bool $mirrored,
        #[OA\Property(description: 'Only lines to cut by, on plain paper')] public bool $guides,
        #[OA\Property(ref: './plan.schema.json#/$defs/Loading', type: 'object')] public array $loading,
        public float $width_mm,
        public float $height_mm,
        #[OA\Property(description: 'Sheets to lay in')] public int $sheets,
        public array $entries,
        #[
            OA\Property(description: 'Where they are printed; empty until somebody says so'),
        ]
        public PrintSetting $setting,
        #[
            OA\Property(type: 'string', nullable: true, description: 'Id of the task that prints them just now'),
        ]
        public ?string $printing,
    ) {}
}
