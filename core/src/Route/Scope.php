<?php

declare(strict_types=1);

namespace Wubbin\Core\Route;

/** How often a step is done when several pieces are made in one go. */
enum Scope: string
{
    /** Once before the first piece, however many there are. */
    case OnceBefore = 'once-before';
    /** Before the first piece, once for each sheet. */
    case EachSheet = 'each-sheet';
    case EachPiece = 'each-piece';
    /** Once, when what stands before it is done to every piece. */
    case OnceAfter = 'once-after';
}
