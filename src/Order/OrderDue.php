<?php

declare(strict_types=1);

namespace Wubbin\Order;

use OpenApi\Attributes as OA;

/** When a quote that was accepted is wanted. */
#[OA\Schema]
final readonly class OrderDue
{
    public function __construct(
        #[OA\Property(description: 'A day as 2026-12-05; empty for none')] public string $due,
    ) {}
}
