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
        #[OA\Property(description: 'The kind of step, in words')] public string $label,
        #[OA\Property(description: 'For one piece by itself')] public float $seconds,
        #[OA\Property(description: 'Of several in one go, for each')] public float $each,
        public float $planned,
        public int $of,
        #[OA\Property(description: 'Plans go by it')] public bool $used,
    ) {}
}
