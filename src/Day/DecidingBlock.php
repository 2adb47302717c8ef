<?php

declare(strict_types=1);

namespace Wubbin\Day;

use OpenApi\Attributes as OA;

/** A link of what decides the finish. */
#[OA\Schema]
final readonly class DecidingBlock
{
    /**
     * @param list<string> $labels
     */
    public function __construct(
        public string $job,
        public array $labels,
        public string $because,
        public int $start,
        public int $end,
    ) {}
}
