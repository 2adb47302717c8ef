<?php

declare(strict_types=1);

namespace Wubbin\Core\Blank;

/** How a blank is drawn and measured. */
enum Shape: string
{
    /** Laid flat, front up; drawn from the collar seam. */
    case Garment = 'garment';
    case Flat = 'flat';
    /** A cylinder, drawn with its wall unrolled: as wide as it is round, seam at both ends. */
    case Round = 'round';

    /**
     * What of it is measured before anything else, and tells it from another: names of a size's record, in mm.
     *
     * @return array{string, string} across first, then along
     */
    public function measures(): array
    {
        return match ($this) {
            self::Garment => ['chest_mm', 'length_mm'],
            self::Flat => ['width_mm', 'height_mm'],
            self::Round => ['diameter_mm', 'height_mm'],
        };
    }
}
