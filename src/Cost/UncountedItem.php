<?php

declare(strict_types=1);

namespace Wubbin\Cost;

use OpenApi\Attributes as OA;

/** Something that nobody counts. */
#[OA\Schema]
final readonly class UncountedItem
{
    public function __construct(
        public string $key,
        public string $kind,
        public string $label,
        public string $unit,
        public float $needed,
    ) {}
}
