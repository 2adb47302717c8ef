<?php

declare(strict_types=1);

namespace Wubbin\Core\Blank;

/** How a blank is drawn and measured. */
enum Shape: string
{
    /** Laid flat, front up; drawn from the collar seam. */
    case Garment = 'garment';
    case Flat = 'flat';
    /** A cylinder, drawn with its wall unrolled: as wide as it is round, seam at both ends. */
    case Round = 'round';
}
