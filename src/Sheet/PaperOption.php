<?php

declare(strict_types=1);

namespace Wubbin\Sheet;

use OpenApi\Attributes as OA;

/** A size of paper that can be chosen. */
#[OA\Schema]
final readonly class PaperOption
{
    public function __construct(public string $id, public string $label) {}
}
