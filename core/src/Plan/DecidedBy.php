<?php

declare(strict_types=1);

namespace Wubbin\Core\Plan;

enum DecidedBy: string
{
    case Person = 'person';
    case House = 'house';
    case Wubbin = 'wubbin';
    case Nobody = 'nobody';
}
