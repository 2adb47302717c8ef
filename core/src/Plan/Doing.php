<?php

declare(strict_types=1);

namespace Wubbin\Core\Plan;

/** What is done about a job, in the order of work. */
enum Doing: string
{
    case Picture = 'picture';
    case Settle = 'settle';
    case Sheet = 'sheet';
    case Bench = 'bench';
    /** All of its pieces are made, or in hands at the bench. */
    case Done = 'done';
}
