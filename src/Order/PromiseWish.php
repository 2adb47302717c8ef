<?php

declare(strict_types=1);

namespace Wubbin\Order;

use OpenApi\Attributes as OA;

/** What somebody asks for on the telephone. */
#[OA\Schema]
final readonly class PromiseWish
{
    public function __construct(
        #[OA\Property(description: 'A job that it would be like')] public string $job,
        #[OA\Property(description: 'Pieces, as typed')] public string $pieces,
        #[OA\Property(description: 'As 2026-12-31')] public string $day,
    ) {}
}
