<?php

declare(strict_types=1);

namespace Wubbin\Core\Lettering;

/** Where lines stand that are shorter than the room for them. */
enum Align: string
{
    case Left = 'left';
    case Middle = 'middle';
    case Right = 'right';

    /** What of the room that is over lies to the left, 0 to 1. */
    public function share(): float
    {
        return match ($this) {
            self::Left => 0.0,
            self::Middle => 0.5,
            self::Right => 1.0,
        };
    }
}
