<?php

declare(strict_types=1);

namespace Wubbin\Core\Blank;

/** Line types of technical drawing: continuous for visible edges, dashed for seams and hidden edges. */
enum LineStyle: string
{
    case Visible = 'visible';
    case Hidden = 'hidden';
}
