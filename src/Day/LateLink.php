<?php

declare(strict_types=1);

namespace Wubbin\Day;

use OpenApi\Attributes as OA;

/** What a late job waits for. */
#[OA\Schema]
final readonly class LateLink
{
    public function __construct(public string $job, public int $start, public int $end) {}
}
