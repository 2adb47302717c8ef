<?php

declare(strict_types=1);

namespace Wubbin\Ready;

use OpenApi\Attributes as OA;

/** A typeface that ships. */
#[OA\Schema]
final readonly class FaceView
{
    public function __construct(
        public string $id,
        public string $label,
        #[
            OA\Property(description: 'The smallest height of a capital whose strokes the route still holds, in mm'),
        ]
        public float $smallest_mm,
    ) {}
}
