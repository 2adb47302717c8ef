<?php

declare(strict_types=1);

namespace Wubbin\Core\Drawing;

/** Which end of words stands at their place. */
enum Anchor: string
{
    case Start = 'start';
    case Middle = 'middle';
    case End = 'end';
}
