<?php

declare(strict_types=1);

namespace Wubbin\Job;

use OpenApi\Attributes as OA;
use Wubbin\Core\Plan\TransferPlan;
use Wubbin\Core\Sheet\Gang\GangPlace;

/** Where a picture lies on a sheet, in mm from its upper left corner. */
#[OA\Schema]
final readonly class JobSheetPlace
{
    private function __construct(
        #[OA\Property(description: 'Of what is cut out, as it lies')] public float $x_mm,
        public float $y_mm,
        public float $width_mm,
        public float $height_mm,
        #[OA\Property(description: 'Turned with the clock')] public int $quarters,
        #[
            OA\Property(description: 'Its box before it is turned, and in it the picture from its corner'),
        ]
        public float $cut_width_mm,
        public float $cut_height_mm,
        public float $picture_x_mm,
        public float $picture_y_mm,
        public float $picture_width_mm,
        public float $picture_height_mm,
        #[OA\Property(type: 'string', nullable: true, description: 'SHA-256 of the picture')] public ?string $artwork,
        #[OA\Property(type: 'string', nullable: true, description: 'How it is bent')] public ?string $bent,
    ) {}

    public static function of(GangPlace $place, TransferPlan $transfer): self
    {
        $sheet = $transfer->arrangement->sheet ?? throw new \LogicException('What lies on a sheet is laid out.');

        return new self(
            $place->rect->xMm,
            $place->rect->yMm,
            $place->rect->size->widthMm,
            $place->rect->size->heightMm,
            $place->quarters,
            $sheet->cut->size->widthMm,
            $sheet->cut->size->heightMm,
            $sheet->picture->xMm - $sheet->cut->xMm,
            $sheet->picture->yMm - $sheet->cut->yMm,
            $sheet->picture->size->widthMm,
            $sheet->picture->size->heightMm,
            $transfer->artwork(),
            $transfer->placing->bend?->toQuery(),
        );
    }
}
