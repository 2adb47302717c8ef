<?php

declare(strict_types=1);

namespace Wubbin\Core\Blank;

/** How light a cloth is, for judging whether a clear film shows on it. */
enum Tone: string
{
    case White = 'white';
    case VeryLight = 'very light';
    case Mid = 'mid-toned';
    case Dark = 'dark';
}
