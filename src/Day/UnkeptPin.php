<?php

declare(strict_types=1);

namespace Wubbin\Day;

use OpenApi\Attributes as OA;

/** Work that could not begin when it was pinned. */
#[OA\Schema]
final readonly class UnkeptPin
{
    public function __construct(public string $job, public string $label, public int $pinned, public int $start) {}
}
