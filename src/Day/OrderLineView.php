<?php

declare(strict_types=1);

namespace Wubbin\Day;

use OpenApi\Attributes as OA;

/** A line of an order, and how far it is. */
#[OA\Schema]
final readonly class OrderLineView
{
    public function __construct(
        public string $job,
        public string $name,
        public int $quantity,
        #[OA\Property(description: 'Pieces that came out good')] public int $good,
        #[OA\Property(description: 'How many of each size and colour')] public string $sizes,
    ) {}
}
