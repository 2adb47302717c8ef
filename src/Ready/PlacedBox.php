<?php

declare(strict_types=1);

namespace Wubbin\Ready;

use OpenApi\Attributes as OA;
use Wubbin\Core\Measure\Rect;

/** In mm on the piece, from its middle and its upper edge. */
#[OA\Schema]
final readonly class PlacedBox
{
    private function __construct(
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
