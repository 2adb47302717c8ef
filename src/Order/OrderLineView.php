<?php

declare(strict_types=1);

namespace Wubbin\Order;

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
        #[OA\Property(description: 'Of these, pieces that the customer has')] public int $handed,
        #[OA\Property(description: 'How many of each size and colour')] public string $sizes,
        #[OA\Property(type: 'string', nullable: true, description: 'SHA-256 of its picture')] public ?string $artwork,
        #[OA\Property(description: 'Of the blank')] public string $colour,
    ) {}
}
