<?php

declare(strict_types=1);

namespace Wubbin\Core\Route;

/** How a picture is put on a medium. A laser's fuser is hot enough to melt film. */
enum Technology: string
{
    case Inkjet = 'inkjet';
    case Sublimation = 'sublimation';
    case Laser = 'laser';
    case Hand = 'hand';
}
