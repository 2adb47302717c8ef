<?php

declare(strict_types=1);

namespace Wubbin\Core\Ready;

/** Where something goes beside a picture, or over it. */
enum Where: string
{
    case Above = 'above';
    case Below = 'below';
    case Left = 'left';
    case Right = 'right';
    case Over = 'over';
    case Under = 'under';
}
