<?php

declare(strict_types=1);

namespace Wubbin\Core\Drawing;

use Wubbin\Core\Measure\Rect;

/** Ways that a hand goes over an area, and edges that are no straight lines. */
final readonly class Strokes
{
    private const SIDES = 48;

    /**
     * To and fro, row by row.
     *
     * @return non-empty-list<array{float, float}>
     */
    public static function rows(Rect $area, int $rows): array
    {
        $level = static fn(int $row): float => $area->yMm + ($area->size->heightMm * ($row + 0.5)) / max(1, $rows);
        $points = [[$area->xMm, $level(0)], [$area->right(), $level(0)]];
        for ($row = 1; $row < $rows; ++$row) {
            $ends = [[$area->xMm, $level($row)], [$area->right(), $level($row)]];
            array_push($points, ...0 === $row % 2 ? $ends : array_reverse($ends));
        }

        return $points;
    }

    /**
     * To and fro, column by column.
     *
     * @return non-empty-list<array{float, float}>
     */
    public static function columns(Rect $area, int $columns): array
    {
        $turned = Rect::mm($area->yMm, $area->xMm, $area->size->heightMm, $area->size->widthMm);

        return array_map(static fn(array $p): array => [$p[1], $p[0]], self::rows($turned, $columns));
    }

    /**
     * Small rounds along the rows.
     *
     * @return non-empty-list<array{float, float}>
     */
    public static function rounds(Rect $area, int $rows): array
    {
        $radius = $area->size->heightMm / $rows / 2.4;
        $inner = $area->size->widthMm > 2.0 * $radius ? $area->size->widthMm - 2.0 * $radius : 0.0;
        $points = [];
        $turns = max(1, (int) round($inner / max($radius, 1.0)));
        for ($row = 0; $row < $rows; ++$row) {
            $y = $area->yMm + ($area->size->heightMm * ($row + 0.5)) / $rows;
            for ($i = 0; $i <= 12 * $turns; ++$i) {
                $far = $inner * ($i / (12 * $turns));
                $x = 0 === $row % 2 ? $area->xMm + $radius + $far : $area->right() - $radius - $far;
                $angle = (2.0 * \M_PI * $i) / 12.0;
                $points[] = [$x - $radius * cos($angle), $y - $radius * sin($angle)];
            }
        }

        return [] === $points ? [[$area->xMm, $area->yMm]] : $points;
    }

    /**
     * An arc about a point; 0 looks to the viewer, down on the drawing, and angles grow to the viewer's right.
     *
     * @return non-empty-list<array{float, float}>
     */
    public static function arc(float $x, float $y, float $radius, float $from, float $to): array
    {
        $points = [[$x + $radius * sin($from), $y + $radius * cos($from)]];
        for ($i = 1; $i <= self::SIDES; ++$i) {
            $angle = $from + (($to - $from) * $i) / self::SIDES;
            $points[] = [$x + $radius * sin($angle), $y + $radius * cos($angle)];
        }

        return $points;
    }

    /** @return non-empty-list<array{float, float}> */
    public static function circle(float $x, float $y, float $radius): array
    {
        return self::arc($x, $y, $radius, 0.0, 2.0 * \M_PI);
    }

    /**
     * Heat or damp that rises from a level line: so many short waves.
     *
     * @return list<non-empty-list<array{float, float}>>
     */
    public static function rising(Rect $above, int $waves): array
    {
        $lines = [];
        for ($n = 0; $n < $waves; ++$n) {
            $x = $above->xMm + ($above->size->widthMm * ($n + 0.5)) / $waves;
            $wave = [[$x, $above->bottom()]];
            for ($i = 1; $i <= 16; ++$i) {
                $wave[] = [
                    $x + 0.12 * $above->size->heightMm * sin(($i / 16.0) * 3.0 * \M_PI),
                    $above->bottom() - ($above->size->heightMm * $i) / 16.0,
                ];
            }
            $lines[] = $wave;
        }

        return $lines;
    }
}
