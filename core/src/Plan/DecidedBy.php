<?php

declare(strict_types=1);

namespace Wubbin\Core\Plan;

enum DecidedBy: string
{
    case Person = 'person';
    case Wubbin = 'wubbin';
    case Nobody = 'nobody';
}
