<?php

declare(strict_types=1);

namespace Wubbin\Core\Advice;

/** Where a route stands for a job. */
enum Standing: string
{
    /** It works with what is on the shelf. */
    case Works = 'works';
    /** It works when something about the job is changed: a check of its plan stands against it. */
    case Change = 'change';
    /** It would work if something were bought. */
    case Buy = 'buy';
    case Cannot = 'cannot';
}
