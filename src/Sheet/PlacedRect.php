<?php

declare(strict_types=1);

namespace Wubbin\Sheet;

use OpenApi\Attributes as OA;
use Wubbin\Core\Measure\Rect;

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

    public static function of(Rect $rect): self
    {
        return new self($rect->xMm, $rect->yMm, $rect->size->widthMm, $rect->size->heightMm);
    }
}
