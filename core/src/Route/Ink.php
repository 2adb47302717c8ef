<?php

declare(strict_types=1);

namespace Wubbin\Core\Route;

enum Ink: string
{
    case Dye = 'dye';
    case Pigment = 'pigment';
    case Sublimation = 'sublimation';
    case Toner = 'toner';
    case Hand = 'hand';
}
