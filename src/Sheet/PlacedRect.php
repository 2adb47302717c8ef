<?php

declare(strict_types=1);

namespace Wubbin\Sheet;

use OpenApi\Attributes as OA;

/** A rectangle on a sheet, in mm from its upper left corner. */
#[OA\Schema]
final readonly class PlacedRect
{
    public function __construct(
        public float $x_mm,
        public float $y_mm,
        public float $width_mm,
        public float $height_mm,
    ) {}
}
