<?php

declare(strict_types=1);

namespace Wubbin\Core\Sheet\Gang;

use Wubbin\Core\Measure\Rect;

/** Where one of a piece lies on a sheet. */
final readonly class GangPlace
{
    /**
     * @param Rect $rect of its box as it lies, in mm from the upper left corner of the page
     * @param int<0, 3> $quarters that it is turned by with the clock
     * @param bool $pinned the person has placed it
     * @param bool $spare it fills what was left
     */
    public function __construct(
        public string $piece,
        public Rect $rect,
        public int $quarters,
        public bool $pinned = false,
        public bool $spare = false,
    ) {}

    /**
     * A point of a piece on the page, where its box lies there and is turned by quarters with the clock.
     *
     * @return array{float, float}
     */
    public static function lying(float $x, float $y, Rect $rect, int $quarters): array
    {
        return match ($quarters) {
            1 => [$rect->right() - $y, $rect->yMm + $x],
            2 => [$rect->right() - $x, $rect->bottom() - $y],
            3 => [$rect->xMm + $y, $rect->bottom() - $x],
            default => [$rect->xMm + $x, $rect->yMm + $y],
        };
    }
}
