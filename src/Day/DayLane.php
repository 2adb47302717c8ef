<?php

declare(strict_types=1);

namespace Wubbin\Day;

use OpenApi\Attributes as OA;

/** A lane of the plan: hands, a machine, a place. */
#[OA\Schema]
final readonly class DayLane
{
    public function __construct(public string $kind, public int $n) {}
}
