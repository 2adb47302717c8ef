<?php

declare(strict_types=1);

namespace Wubbin\Ladder;

use OpenApi\Attributes as OA;

/** The swatch that forgives most. */
#[OA\Schema]
final readonly class ChosenStep
{
    public function __construct(
        public string $name,
        #[
            OA\Property(description: 'Rungs to the nearest that failed, or half a rung beyond the edge'),
        ]
        public float $away,
    ) {}
}
