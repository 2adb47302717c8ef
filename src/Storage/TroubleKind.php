<?php

declare(strict_types=1);

namespace Wubbin\Storage;

/** What can be wrong with the place where a shop is kept. */
enum TroubleKind: string
{
    case Busy = 'busy';
    case Full = 'disk-full';
    case ReadOnly = 'read-only';
    case Damaged = 'damaged';
    case Empty = 'empty';
    case Missing = 'missing';
    case Newer = 'newer';
}
