<?php

declare(strict_types=1);

namespace Wubbin\Artwork;

use OpenApi\Attributes as OA;

/** How much of a picture is its background. */
#[OA\Schema]
final readonly class BackgroundWish
{
    public function __construct(
        #[OA\Property(minimum: 0, maximum: 100, description: 'A distance in CIE L*a*b*')] public float $tolerance,
        #[OA\Property(description: 'Patches of its colour within the picture go too')] public bool $islands,
        #[
            OA\Property(
                description: 'Lines drawn over a photograph, with semicolons between: “keep” or “remove”, how ' .
                    'wide, and ' .
                    'x and y of each point, as shares of the picture; empty for a background of one colour',
            ),
        ]
        public string $strokes = '',
    ) {}
}
