<?php

declare(strict_types=1);

namespace Wubbin\Sheet;

use OpenApi\Attributes as OA;

/** A rectangle on a sheet, in mm from its upper left corner. */
#[OA\Schema(required: ['x_mm', 'y_mm', 'width_mm', 'height_mm'])]
final readonly class PlacedRect
{
    public function __construct(
        #[OA\Property] public float $x_mm,
        #[OA\Property] public float $y_mm,
        #[OA\Property] public float $width_mm,
        #[OA\Property] public float $height_mm,
    ) {}
}
