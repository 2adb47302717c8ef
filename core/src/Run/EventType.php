<?php

declare(strict_types=1);

namespace Wubbin\Core\Run;

/** What the bench records. Events are only ever added. */
enum EventType: string
{
    /** The clock of the step at a position was started. */
    case Started = 'started';
    /** The step at a position is done. */
    case Done = 'done';
    /** The piece is judged; whatever steps of it were left are not done. */
    case Judged = 'judged';
}
