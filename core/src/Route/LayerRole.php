<?php

declare(strict_types=1);

namespace Wubbin\Core\Route;

enum LayerRole: string
{
    case Heat = 'heat';
    case Cover = 'cover';
    case Medium = 'medium';
    case Blank = 'blank';
    case Guard = 'guard';
    case Cloth = 'cloth';
    case Base = 'base';
}
