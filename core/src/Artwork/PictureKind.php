<?php

declare(strict_types=1);

namespace Wubbin\Core\Artwork;

enum PictureKind: string
{
    /** Made of pixels: it has a largest size at which it is still sharp. */
    case Raster = 'raster';
    /** Made of lines and areas: sharp at any size. */
    case Vector = 'vector';
}
