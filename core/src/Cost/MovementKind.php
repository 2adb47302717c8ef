<?php

declare(strict_types=1);

namespace Wubbin\Core\Cost;

enum MovementKind: string
{
    case Bought = 'bought';
    case Used = 'used';
    case Counted = 'counted';
}
