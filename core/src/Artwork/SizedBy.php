<?php

declare(strict_types=1);

namespace Wubbin\Core\Artwork;

/** Which side of a picture the person gave. */
enum SizedBy: string
{
    case Width = 'width';
    case Height = 'height';
}
