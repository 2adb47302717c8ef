<?php

declare(strict_types=1);

namespace Wubbin\Core\Route;

enum Ink: string
{
    case Dye = 'dye';
    case Pigment = 'pigment';
    case Toner = 'toner';
}
