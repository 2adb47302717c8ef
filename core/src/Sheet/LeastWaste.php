<?php

declare(strict_types=1);

namespace Wubbin\Core\Sheet;

use Wubbin\Core\Measure\Rect;
use Wubbin\Core\Measure\Size;

/** Where one picture lies on a sheet, so that what is left of the sheet can be used. */
final readonly class LeastWaste
{
    /** What is left beside a picture is worth keeping from this width on, in mm (assumed). */
    private const OFFCUT_MM = 60.0;

    /**
     * At the top, in the middle where nothing useful would be left beside it, and in the left corner where something
     * is: one larger offcut instead of two halves. Off the tape, if there is such a place.
     *
     * @param list<Rect> $tape
     */
    public static function place(Size $piece, Rect $room, array $tape): Rect
    {
        $spare = $room->size->widthMm - $piece->widthMm;
        $lefts = [$room->xMm + ($spare >= self::OFFCUT_MM ? 0.0 : $spare / 2.0)];
        $tops = [$room->yMm];
        foreach ($tape as $zone) {
            array_push($lefts, $zone->right(), $zone->xMm - $piece->widthMm);
            array_push($tops, $zone->bottom(), $zone->yMm - $piece->heightMm);
        }
        $best = Rect::at($lefts[0], $tops[0], $piece);
        $most = self::isClear($best, $tape) ? self::leftover($best, $room) : -1.0;
        foreach ($tops as $top) {
            foreach ($lefts as $left) {
                $box = Rect::at($left, $top, $piece);
                if ($box->within($room) && self::isClear($box, $tape) && self::leftover($box, $room) > $most + 1.0) {
                    [$best, $most] = [$box, self::leftover($box, $room)];
                }
            }
        }

        return $best;
    }

    /** @param list<Rect> $tape */
    private static function isClear(Rect $box, array $tape): bool
    {
        return [] === array_filter($tape, static fn(Rect $zone): bool => null !== $box->overlap($zone));
    }

    /** The largest rectangle that is left of the room beside a piece, or above or below it, in mm². */
    private static function leftover(Rect $box, Rect $room): float
    {
        return max(
            max($room->right() - $box->right(), $box->xMm - $room->xMm) * $room->size->heightMm,
            max($room->bottom() - $box->bottom(), $box->yMm - $room->yMm) * $room->size->widthMm,
        );
    }
}
