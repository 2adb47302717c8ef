<?php

declare(strict_types=1);

namespace Wubbin\Day;

use OpenApi\Attributes as OA;

/** What would help, and what it keeps. */
#[OA\Schema]
final readonly class OutlookMend
{
    /**
     * @param list<string> $kept
     */
    public function __construct(
        public string $what,
        #[OA\Property(description: 'Names of jobs that would be in time')] public array $kept,
        #[OA\Property(description: 'Of all lateness that is saved, 0 to 1')] public float $part,
    ) {}
}
