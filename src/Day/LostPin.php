<?php

declare(strict_types=1);

namespace Wubbin\Day;

use OpenApi\Attributes as OA;

/** Something was pinned that is not planned as such any more. */
#[OA\Schema]
final readonly class LostPin
{
    public function __construct(public string $job, public int $pinned) {}
}
