<?php

declare(strict_types=1);

namespace Wubbin\Core\Route;

/** How a material is hatched in a cross-section. */
enum Hatch: string
{
    case Metal = 'metal';
    case Film = 'film';
    case Cloth = 'cloth';
    case Plain = 'plain';
    case Wood = 'wood';
    case Foam = 'foam';
    case Wax = 'wax';
    case Ceramic = 'ceramic';
}
