<?php

declare(strict_types=1);

namespace Wubbin\Core\Blank;

/** How a second colour lies on cloth. */
enum PatternKind: string
{
    case Stripes = 'stripes';
    case Checks = 'checks';
    case Dots = 'dots';

    /** The part of the cloth that the second colour takes up, as such patterns usually have it (assumed). */
    public function share(): float
    {
        return match ($this) {
            self::Stripes, self::Checks => 0.5,
            // Dots half as wide as they are apart: π/16 of their square.
            self::Dots => \M_PI / 16.0,
        };
    }
}
