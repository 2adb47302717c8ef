<?php

declare(strict_types=1);

namespace Wubbin\Core\Run;

/** What the bench records. Events are only ever added; one that was a mistake is undone by another. */
enum EventType: string
{
    /** What is asked before heat was answered: all as it should be. */
    case Checked = 'checked';
    /** The clock of the step at a position was started. */
    case Started = 'started';
    case Paused = 'paused';
    case Resumed = 'resumed';
    /** Somebody looked under a corner: it is done, and so is the step; or not yet, and the clock goes on. */
    case Peeked = 'peeked';
    /** Covered, and heated so many seconds more. */
    case Again = 'again';
    /** The step at a position is done. */
    case Done = 'done';
    /** The step was left out, for a reason. */
    case Skipped = 'skipped';
    /** The piece is judged; whatever steps of it were left are not done. */
    case Judged = 'judged';
    /** The press before it was a mistake. */
    case Undone = 'undone';
}
