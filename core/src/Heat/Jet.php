<?php

declare(strict_types=1);

namespace Wubbin\Core\Heat;

/**
 * How hot air changes on its way from a round nozzle to the work: against where it is usually held, the part of its
 * warmth that is left, and of its coefficient. Its warmth stays for six nozzle widths and falls by the distance beyond
 * (Incropera & DeWitt, 7.7.1, from memory); the coefficient follows Martin's equation for a single round nozzle at a
 * spot of five widths (there, 7.7.2, from memory), which holds from two to twelve widths and is kept at its ends
 * beyond.
 */
final readonly class Jet
{
    private const CORE = 6.0;
    private const NEAREST = 2.0;
    private const FARTHEST = 12.0;

    /** Martin's D/r, for a spot of five nozzle widths across. */
    private const SPOT = 0.4;

    private function __construct(public float $warmth, public float $coefficient) {}

    /** @param float $mm distances from the nozzle, and its width, in mm; above 0 */
    public static function at(float $mm, float $usualMm, float $nozzleMm): self
    {
        return new self(
            self::warmthAt($mm / $nozzleMm) / self::warmthAt($usualMm / $nozzleMm),
            self::coefficientAt($mm / $nozzleMm) / self::coefficientAt($usualMm / $nozzleMm),
        );
    }

    private static function warmthAt(float $widths): float
    {
        return min(1.0, self::CORE / $widths);
    }

    private static function coefficientAt(float $widths): float
    {
        return 1.0 / (1.0 + 0.1 * (max(self::NEAREST, min(self::FARTHEST, $widths)) - 6.0) * self::SPOT);
    }
}
