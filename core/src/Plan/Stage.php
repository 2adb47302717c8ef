<?php

declare(strict_types=1);

namespace Wubbin\Core\Plan;

/** The last moment at which what a check found can still be mended. */
enum Stage: string
{
    case Print = 'print';
    case Heat = 'heat';
    case Peel = 'peel';
}
