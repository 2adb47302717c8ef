<?php

declare(strict_types=1);

namespace Wubbin\Core\Drawing;

use Wubbin\Core\Measure\Rect;
use Wubbin\Core\Measure\Size;

/** What points take up, of chains that may be straight. */
final readonly class Extent
{
    /** A straight line is as thick as this, in mm, where a box is asked for. */
    private const HAIR_MM = 0.01;

    /** @param non-empty-list<array{float, float}> $points */
    public static function of(array $points): Rect
    {
        $xs = array_column($points, 0);
        $ys = array_column($points, 1);

        return Rect::at(
            min($xs),
            min($ys),
            Size::mm(max(self::HAIR_MM, max($xs) - min($xs)), max(self::HAIR_MM, max($ys) - min($ys))),
        );
    }

    /**
     * A hundredth of a millimetre is finer than any screen shows.
     *
     * @param non-empty-list<array{float, float}> $points
     *
     * @return non-empty-list<array{float, float}>
     */
    public static function rounded(array $points): array
    {
        return array_map(static fn(array $p): array => [round($p[0], 2), round($p[1], 2)], $points);
    }

    /**
     * @param list<array{float, float}> $points
     *
     * @return non-empty-list<array{float, float}>
     */
    public static function some(array $points): array
    {
        return [] === $points ? throw new \LogicException('A line has points.') : $points;
    }

    /** @return array{x_mm: float, y_mm: float, width_mm: float, height_mm: float} */
    public static function record(Rect $rect): array
    {
        return [
            'x_mm' => round($rect->xMm, 2),
            'y_mm' => round($rect->yMm, 2),
            'width_mm' => round($rect->size->widthMm, 2),
            'height_mm' => round($rect->size->heightMm, 2),
        ];
    }
}
