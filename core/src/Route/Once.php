<?php

declare(strict_types=1);

namespace Wubbin\Core\Route;

/** With which of several pictures on one side a step is done, that is done for all of them together. */
enum Once: string
{
    case First = 'first';
    case Last = 'last';
}
