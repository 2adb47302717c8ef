<?php

declare(strict_types=1);

namespace Wubbin\Cost;

use OpenApi\Attributes as OA;

/** What is short, in packs. */
#[OA\Schema]
final readonly class ItemToBuy
{
    public function __construct(
        public string $key,
        public string $kind,
        public string $label,
        public string $unit,
        public float $needed,
        public float $there,
        public float $buy,
        public ?int $cost,
    ) {}
}
