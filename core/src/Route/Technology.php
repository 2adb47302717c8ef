<?php

declare(strict_types=1);

namespace Wubbin\Core\Route;

/** How a printer puts a picture on a sheet; a laser's fuser is hot enough to melt film. */
enum Technology: string
{
    case Inkjet = 'inkjet';
    case Laser = 'laser';
}
