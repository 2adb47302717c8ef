<?php

declare(strict_types=1);

namespace Wubbin\Ready;

use OpenApi\Attributes as OA;

/** How a text came out that is put on a picture. */
#[OA\Schema]
final readonly class ReadyWords
{
    /** @param list<string> $missing */
    public function __construct(
        #[OA\Property(description: 'Which of the steps, from 0')] public int $step,
        #[OA\Property(description: 'The height of a capital as it is printed')] public float $capital_mm,
        #[OA\Property(description: 'It is smaller than its smallest height')] public bool $too_long,
        #[OA\Property(description: 'The route holds strokes so fine')] public bool $legible,
        #[
            OA\Property(description: 'Letters that the typeface does not have', items: new OA\Items(type: 'string')),
        ]
        public array $missing,
    ) {}
}
