<?php

declare(strict_types=1);

namespace Wubbin\Core\Route;

/** The way a printed face looks while it lies in the press: towards the heat or towards the base. */
enum Face: string
{
    case Up = 'up';
    case Down = 'down';
}
