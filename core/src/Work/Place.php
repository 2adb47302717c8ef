<?php

declare(strict_types=1);

namespace Wubbin\Core\Work;

/** Where what waits takes up room. */
enum Place: string
{
    case Rack = 'drying rack';
    case Shelf = 'cooling shelf';
}
