<?php

declare(strict_types=1);

namespace Wubbin\Run;

use OpenApi\Attributes as OA;

/** The press that undoing would take back. */
#[OA\Schema]
final readonly class LastPress
{
    public function __construct(public string $press, public int $position, public string $type) {}
}
