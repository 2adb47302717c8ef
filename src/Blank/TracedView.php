<?php

declare(strict_types=1);

namespace Wubbin\Blank;

use OpenApi\Attributes as OA;
use Wubbin\Core\Blank\Tracing;

/** A traced outline at true size, with how far its measures may be off. */
#[OA\Schema]
final readonly class TracedView
{
    /** @param list<array{float, float}> $outline */
    private function __construct(
        #[
            OA\Property(
                type: 'array',
                items: new OA\Items(type: 'array', items: new OA\Items(type: 'number')),
                description: 'Both halves as they lie in the photo, in its pixels',
            ),
        ]
        public array $outline,
        public float $width_mm,
        public float $height_mm,
        public float $area_mm2,
        #[OA\Property(description: 'About 95 % of the time it is no farther off than this')] public float $width_off_mm,
        public float $height_off_mm,
        #[OA\Property(description: 'Over so much')] public float $far_mm,
        #[OA\Property(description: 'a length is off by no more than this')] public float $far_off_mm,
        #[OA\Property(description: 'As the sheet lies: along its first side')] public float $sheet_width_mm,
        public float $sheet_height_mm,
    ) {}

    public static function of(Tracing $traced): self
    {
        $box = $traced->edge->box()->size;

        return new self(
            array_map(static fn(array $p): array => [round($p[0], 1), round($p[1], 1)], $traced->outline),
            $box->widthMm,
            $box->heightMm,
            round($traced->edge->areaMm2()),
            round($traced->widthMayBeOffMm, 1),
            round($traced->heightMayBeOffMm, 1),
            Tracing::FAR_MM,
            round($traced->farMayBeOffMm, 1),
            $traced->sheet->widthMm,
            $traced->sheet->heightMm,
        );
    }
}
