<?php

declare(strict_types=1);

namespace Wubbin\Sheet;

use OpenApi\Attributes as OA;

/** How many sheets of a medium there are, as it was typed. */
#[OA\Schema]
final readonly class SheetCount
{
    public function __construct(public string $medium, #[OA\Property(description: 'As typed')] public string $count) {}
}
