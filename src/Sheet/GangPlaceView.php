<?php

declare(strict_types=1);

namespace Wubbin\Sheet;

use OpenApi\Attributes as OA;
use Wubbin\Core\Sheet\Gang\GangPlace;

/** Where a piece lies on a sheet. */
#[OA\Schema]
final readonly class GangPlaceView
{
    public function __construct(
        public string $piece,
        #[OA\Property(description: 'That it is turned by with the clock')] public int $quarters,
        public bool $pinned,
        #[OA\Property(description: 'It fills what was left')] public bool $spare,
        public float $x_mm,
        public float $y_mm,
        public float $width_mm,
        public float $height_mm,
    ) {}

    public static function of(GangPlace $place): self
    {
        $rect = $place->rect;

        return new self(
            $place->piece,
            $place->quarters,
            $place->pinned,
            $place->spare,
            $rect->xMm,
            $rect->yMm,
            $rect->size->widthMm,
            $rect->size->heightMm,
        );
    }
}
