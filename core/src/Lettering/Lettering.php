<?php

declare(strict_types=1);

namespace Wubbin\Core\Lettering;

use Wubbin\Core\Measure\Size;

/** A text that was fitted into its room: its letters as areas, in mm from the room's upper left corner. */
final readonly class Lettering
{
    /**
     * @param float $capitalMm the height that a capital has come to
     * @param list<string> $lines as it was broken
     * @param bool $tooLong at its smallest height it does not fit; it is drawn smaller than that
     * @param list<string> $missing letters that the typeface does not have
     */
    public function __construct(
        public Outline $outline,
        public float $capitalMm,
        public array $lines,
        public bool $tooLong,
        public array $missing,
        public Size $room,
    ) {}

    /**
     * Its strokes are no finer than what is held.
     *
     * @param float $stem how wide a stroke is against a capital's height
     */
    public function isLegible(float $stem, float $holdsMm): bool
    {
        return $this->capitalMm >= self::smallestMm($stem, $holdsMm);
    }

    /** The height of a capital whose strokes are as fine as what is held. */
    public static function smallestMm(float $stem, float $holdsMm): float
    {
        return $holdsMm / $stem;
    }
}
