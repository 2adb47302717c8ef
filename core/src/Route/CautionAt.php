<?php

declare(strict_types=1);

namespace Wubbin\Core\Route;

/** The moment a safety notice is about. */
enum CautionAt: string
{
    case Blank = 'blank';
    case Artwork = 'artwork';
    case Heat = 'heat';
    case Peel = 'peel';
    case Off = 'off';
}
