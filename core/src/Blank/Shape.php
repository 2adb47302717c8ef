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
    /** Round, and wider at one end: its wall unrolls to a part of a ring. */
    case Tapered = 'tapered';

    /**
     * What of it is measured before anything else, and tells it from another: names of a size's record, in mm.
     *
     * @return non-empty-list<string> the narrowest first
     */
    public function measures(): array
    {
        return match ($this) {
            self::Garment => ['chest_mm', 'length_mm'],
            self::Flat => ['width_mm', 'height_mm'],
            self::Round => ['diameter_mm', 'height_mm'],
            self::Tapered => ['rim_diameter_mm', 'foot_diameter_mm', 'height_mm'],
        };
    }

    /**
     * What is printed on of it, or kept clear: a copy has that of the one it is like, where it was not measured.
     *
     * @return list<string>
     */
    public function margins(): array
    {
        return match ($this) {
            self::Garment => ['print_width_mm', 'print_height_mm', 'print_drop_mm'],
            self::Flat => ['margin_mm'],
            self::Round, self::Tapered => ['top_mm', 'foot_mm', 'handle_mm'],
        };
    }

    public function isRound(): bool
    {
        return self::Round === $this || self::Tapered === $this;
    }
}
