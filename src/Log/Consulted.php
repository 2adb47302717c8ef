<?php

declare(strict_types=1);

namespace Wubbin\Log;

use OpenApi\Attributes as OA;

/** What somebody saw, in words of their own. */
#[OA\Schema]
final readonly class Consulted
{
    public function __construct(
        public string $route,
        #[OA\Property(description: 'What is wrong, in a person’s own words')] public string $seen,
        public string $where,
        #[OA\Property(description: 'What was done')] public string $done,
    ) {}
}
