<?php

declare(strict_types=1);

namespace Wubbin\Core\Route;

/** Where something that people own belongs, in the order it is asked for. */
enum OwnedGroup: string
{
    case Heat = 'heat';
    case Printer = 'printer';
    case Paper = 'paper';
    case Cover = 'cover';
    case Base = 'base';
}
