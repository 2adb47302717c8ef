<?php

declare(strict_types=1);

namespace Wubbin\Ladder;

use OpenApi\Attributes as OA;

/** What the recipe is called. */
#[OA\Schema]
final readonly class LadderName
{
    public function __construct(public string $name) {}
}
