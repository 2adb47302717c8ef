<?php

declare(strict_types=1);

namespace Wubbin\Core\Sheet\Gang;

use Wubbin\Core\Measure\Rect;
use Wubbin\Core\Measure\Size;

/** What is left of a sheet, as rectangles that are worth keeping. */
final readonly class Leftovers
{
    /** Smaller ones are not kept, in mm (assumed: an A7 card is 74 wide). */
    public const LEAST_MM = 50.0;
    private const MOST = 3;

    /**
     * The largest rectangle that is left, then the largest of what that leaves, and so on.
     *
     * @param list<Rect> $taken
     *
     * @return list<Rect>
     */
    public static function fromRoom(Rect $room, array $taken): array
    {
        $left = self::free($room, $taken, self::LEAST_MM);
        $offcuts = [];
        while (count($offcuts) < self::MOST) {
            usort($left, static fn(Rect $a, Rect $b): int => $b->size->areaMm2() <=> $a->size->areaMm2());
            if ([] === $left) {
                break;
            }
            $offcuts[] = $left[0];
            $left = self::without($left, $left[0], self::LEAST_MM);
        }

        return $offcuts;
    }

    /**
     * The upper left corner of the first free place of this size, looked for from the right and from below, where it is
     * least in the way.
     *
     * @param list<Rect> $taken
     */
    public static function placeFor(Size $size, Rect $room, array $taken): ?Rect
    {
        $found = null;
        foreach (self::free($room, $taken, min($size->widthMm, $size->heightMm)) as $rect) {
            if (
                $size->fitsIn($rect->size) &&
                (null === $found || [$rect->right(), $rect->bottom()] > [$found->right(), $found->bottom()])
            ) {
                $found = Rect::at($rect->right() - $size->widthMm, $rect->bottom() - $size->heightMm, $size);
            }
        }

        return $found;
    }

    /**
     * The largest rectangles that nothing lies in; they overlap each other.
     *
     * @param list<Rect> $taken
     *
     * @return list<Rect>
     */
    private static function free(Rect $room, array $taken, float $leastMm): array
    {
        $left = [$room];
        foreach ($taken as $rect) {
            $left = self::without($left, $rect, $leastMm);
        }

        return $left;
    }

    /**
     * What is left of each of these rectangles beside another one, as rectangles that may overlap.
     *
     * @param list<Rect> $rects
     *
     * @return list<Rect>
     */
    private static function without(array $rects, Rect $taken, float $leastMm): array
    {
        $left = [];
        foreach ($rects as $rect) {
            if (null === $rect->overlap($taken)) {
                $left[] = $rect;
                continue;
            }
            [$wide, $high] = [$rect->size->widthMm, $rect->size->heightMm];
            foreach (
                [
                    [$rect->xMm, $rect->yMm, $taken->xMm - $rect->xMm, $high],
                    [$taken->right(), $rect->yMm, $rect->right() - $taken->right(), $high],
                    [$rect->xMm, $rect->yMm, $wide, $taken->yMm - $rect->yMm],
                    [$rect->xMm, $taken->bottom(), $wide, $rect->bottom() - $taken->bottom()],
                ]
                as [$x, $y, $w, $h]
            ) {
                if (min($w, $h) >= $leastMm) {
                    $left[] = Rect::mm($x, $y, $w, $h);
                }
            }
        }

        return array_values(
            array_filter(
                $left,
                static function (Rect $rect, int $i) use ($left): bool {
                    foreach ($left as $j => $other) {
                        if ($i !== $j && $rect->within($other) && (!$other->within($rect) || $i > $j)) {
                            return false;
                        }
                    }

                    return true;
                },
                \ARRAY_FILTER_USE_BOTH,
            ),
        );
    }
}
