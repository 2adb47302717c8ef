<?php

declare(strict_types=1);

namespace Wubbin\Core\Sheet;

enum MarkKind: string
{
    /** Cut along this. */
    case TrimLine = 'trim-line';
    /** An arrow to the picture's upper edge. */
    case ThisWayUp = 'this-way-up';
    /** A bar of known length, to see whether the driver has scaled the page. */
    case CheckBar = 'check-bar';
    case Dot = 'dot';
    case Text = 'text';
}
