<?php

declare(strict_types=1);

namespace Wubbin\Core\Route;

/** Which way a side of a sheet looks as it lies in the tray. */
enum Lying: string
{
    case Up = 'up';
    case Down = 'down';
}
