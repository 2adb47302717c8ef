<?php

declare(strict_types=1);

namespace Wubbin\Day;

use OpenApi\Attributes as OA;

/** Jobs that are late for the same reason. */
#[OA\Schema]
final readonly class LateWork
{
    /**
     * @param list<string> $jobs
     * @param list<LateLink> $links
     */
    public function __construct(
        public array $jobs,
        #[OA\Property(description: 'The longest parts of what led to its end, in order')] public array $links,
    ) {}
}
