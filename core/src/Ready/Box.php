<?php

declare(strict_types=1);

namespace Wubbin\Core\Ready;

use Wubbin\Core\Measure\Rect;

/** Where a picture lies that has become smaller or larger. */
final readonly class Box
{
    public static function about(Rect $now, float $widthMm, float $heightMm): Rect
    {
        return Rect::mm(
            $now->xMm + ($now->size->widthMm - $widthMm) / 2.0,
            $now->yMm + ($now->size->heightMm - $heightMm) / 2.0,
            $widthMm,
            $heightMm,
        );
    }

    public static function grown(Rect $now, float $left, float $above, float $right, float $below): Rect
    {
        return Rect::mm(
            $now->xMm - $left,
            $now->yMm - $above,
            $now->size->widthMm + $left + $right,
            $now->size->heightMm + $above + $below,
        );
    }
}
