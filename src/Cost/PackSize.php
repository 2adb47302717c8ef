<?php

declare(strict_types=1);

namespace Wubbin\Cost;

use OpenApi\Attributes as OA;

/** How many of something come in a pack. */
#[OA\Schema]
final readonly class PackSize
{
    public function __construct(
        #[OA\Property(description: 'How many are bought at once, as typed')] public string $pack,
        public string $item,
    ) {}
}
