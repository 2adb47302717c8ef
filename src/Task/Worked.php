<?php

declare(strict_types=1);

namespace Wubbin\Task;

/** What became of looking for work. */
enum Worked
{
    case Nothing;
    case Something;

    /** It wanted more than there is: what it took may not all have been given back, so that the next begins afresh. */
    case BeyondMeasure;
}
