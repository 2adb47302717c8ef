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
    /** What a cutter finds the sheet by. */
    case Registration = 'registration';
    /** A line with a dot in its middle that meets one of a neighbouring part. */
    case Tick = 'tick';
    /** A thin line that tells where an edge to cut along runs, without touching it. */
    case Crop = 'crop';
    /** Where a carrier is taped: nothing may lie there. */
    case TapeZone = 'tape-zone';
    /** Two crossed lines that tell one corner of a page from the others. */
    case Cross = 'cross';
    case Text = 'text';
}
