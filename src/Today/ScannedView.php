<?php

declare(strict_types=1);

namespace Wubbin\Today;

use OpenApi\Attributes as OA;

/** Where a label leads. */
#[OA\Schema]
final readonly class ScannedView
{
    public function __construct(#[OA\Property(description: 'Address of a page of this shop')] public string $to) {}
}
