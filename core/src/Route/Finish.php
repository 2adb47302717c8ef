<?php

declare(strict_types=1);

namespace Wubbin\Core\Route;

/** The surface that is wanted; on film it is decided by when the backing is peeled off. */
enum Finish: string
{
    case Gloss = 'gloss';
    case Matte = 'matte';
    case Worn = 'worn';
}
