<?php

declare(strict_types=1);

namespace Wubbin\Core\Artwork;

/** How hard an outline is to cut by hand. Corners in a hundred millimetres are assumed limits. */
enum CutEffort: string
{
    case Easy = 'easy';
    case Fiddly = 'fiddly';
    case Hard = 'hard';

    public static function of(float $cornersIn100Mm): self
    {
        return match (true) {
            $cornersIn100Mm <= 4.0 => self::Easy,
            $cornersIn100Mm <= 8.0 => self::Fiddly,
            default => self::Hard,
        };
    }
}
