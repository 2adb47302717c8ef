<?php

declare(strict_types=1);

namespace Wubbin\Core\Plan;

use Wubbin\Core\Artwork\Picture;
use Wubbin\Core\Blank\Bend;
use Wubbin\Core\Measure\Contour;
use Wubbin\Core\Measure\Rect;

/**
 * The line that a sheet is cut along, where that is not the picture's rectangle: bent with the picture, and with a tab
 * where the sheet is hinged on tape.
 */
final readonly class TrimLine
{
    /** A tab that a piece of tape is laid across, in mm (assumed: broad enough not to twist). */
    private const TAB_WIDE_MM = 40.0;

    /** @param float|null $hingeMm how far the tab reaches out; null where there is none */
    public function __construct(
        private Rect $placed,
        private ?Bend $bend,
        private ?Look $look,
        private float $trimMm,
        private ?float $hingeMm,
    ) {}

    /** @return list<non-empty-list<array{float, float}>> in mm from the upper left corner of what is printed */
    public function lines(): array
    {
        $lines = $this->look?->trimLine() ?? [];
        if (null !== $this->bend) {
            $lines = [] === $lines ? [$this->bend->edge($this->trimMm)] : $this->bend->lines($lines);
        }
        if (null === $this->hingeMm) {
            return $lines;
        }
        // One piece of paper hangs on one tab: what is cut in several pieces is cut along its rectangle instead.
        $whole = Rect::at(0.0, 0.0, $this->placed->size)->grown($this->trimMm)->corners();

        return [Contour::withTab(1 === count($lines) ? $lines[0] : $whole, $this->hingeMm, self::TAB_WIDE_MM)];
    }

    /** How long it is, in mm. */
    public function length(): float
    {
        $lines = $this->lines();
        $size = $this->placed->grown($this->trimMm)->size;

        return [] === $lines
            ? 2.0 * ($size->widthMm + $size->heightMm)
            : array_sum(array_map(Contour::length(...), $lines));
    }
}
