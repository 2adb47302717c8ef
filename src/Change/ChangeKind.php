<?php

declare(strict_types=1);

namespace Wubbin\Change;

use OpenApi\Attributes as OA;

/** What a change was made to. */
#[OA\Schema]
enum ChangeKind: string
{
    case Job = 'job';
    case Order = 'order';
    case Shelf = 'shelf';
    case House = 'house';
    case Stock = 'stock';
}
