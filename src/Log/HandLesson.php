<?php

declare(strict_types=1);

namespace Wubbin\Log;

use OpenApi\Attributes as OA;

/** How long hands really take for a kind of step. */
#[OA\Schema]
final readonly class HandLesson
{
    public function __construct(
        public string $kind,
        #[OA\Property(description: 'The median of the latest')] public float $seconds,
        public float $planned,
        public int $of,
        #[OA\Property(description: 'Plans go by it')] public bool $used,
    ) {}
}
