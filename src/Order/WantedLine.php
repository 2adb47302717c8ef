<?php

declare(strict_types=1);

namespace Wubbin\Order;

use OpenApi\Attributes as OA;

/** What else is wanted, as it was typed. */
#[OA\Schema]
final readonly class WantedLine
{
    public function __construct(
        #[OA\Property(description: 'Id of the job that it is like')] public string $what,
        public string $quantity,
        public string $sizes,
    ) {}
}
