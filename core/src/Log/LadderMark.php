<?php

declare(strict_types=1);

namespace Wubbin\Core\Log;

/** How a swatch of a test ladder came out. */
enum LadderMark: string
{
    case NotYet = 'not-yet';
    case Good = 'good';
    case TooMuch = 'too-much';
}
