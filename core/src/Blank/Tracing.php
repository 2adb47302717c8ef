<?php

declare(strict_types=1);

namespace Wubbin\Core\Blank;

use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Size;

/**
 * An outline that was clicked round a piece in a photo, with a sheet of known size beside it or on it, at true size.
 *
 * How far a measure may be off is told from how far a mark may be: each coordinate of a mark is moved by the spread of
 * marking, the changes of the measure are squared and added up, and twice the root is given (about 95 %). That holds
 * what marking does; a bent lens, a table that is not flat and thick cloth come on top.
 */
final readonly class Tracing
{
    /**
     * Spread of a mark set by hand, as a share of the photo's longer side: a pixel and a half of two thousand
     * (assumed).
     */
    public const MARK_SHARE = 0.00075;

    /** Wider than a sheet is long: over this it is told how well a whole garment is measured, in mm. */
    public const FAR_MM = 700.0;

    /** @param list<array{float, float}> $outline as it lies in the photo, the mirrored half as well, in pixels */
    private function __construct(
        public TracedEdge $edge,
        public array $outline,
        public float $widthMayBeOffMm,
        public float $heightMayBeOffMm,
        public float $farMayBeOffMm,
        public Size $sheet,
    ) {}

    /**
     * @param list<array{float, float}> $corners of the sheet, in pixels of the photo, one after the other round it
     * @param list<array{float, float}> $points round the piece, in pixels; where it is mirrored, of one half from
     *                                          the middle above to the middle below
     * @param Size $paper the sheet, upright
     * @param Size $photo in pixels
     * @param bool $mirrored the other half is its image about the line from the first point to
     *                       the last
     * @param bool $otherWay the sheet lies the other way than it looks
     *
     * @throws BadRecord naming corners, points or overscan
     */
    public static function fromCorners(
        array $corners,
        array $points,
        Size $paper,
        Size $photo,
        bool $mirrored,
        float $overscanMm,
        bool $otherWay = false,
    ): self {
        if (count($points) < 3) {
            throw BadRecord::at('points', 'Click round the outline. It needs three points or more.');
        }
        $perspective = Perspective::fromCorners($corners, $paper, $photo, $otherWay);
        $table = self::onTable($perspective, $points, $mirrored);
        $edge = TracedEdge::fromPoints(self::upright($table, $points, $mirrored, $perspective), $overscanMm);
        $ends = self::ends($edge, $table);
        $off = [0.0, 0.0, 0.0];
        $spread = self::MARK_SHARE * max($photo->widthMm, $photo->heightMm);
        foreach (array_keys($corners) as $moved) {
            foreach ([0, 1] as $axis) {
                $shifted = $corners;
                $shifted[$moved] = [
                    $corners[$moved][0] + (0 === $axis ? $spread : 0.0),
                    $corners[$moved][1] + (1 === $axis ? $spread : 0.0),
                ];
                $other = Perspective::fromCorners(
                    $shifted,
                    $paper,
                    Size::mm($photo->widthMm + $spread, $photo->heightMm + $spread),
                    $otherWay,
                );
                foreach ($ends as $k => [$from, $to]) {
                    $off[$k] +=
                        (self::apart($other, $perspective->inPhoto(...$from), $perspective->inPhoto(...$to)) -
                            hypot($to[0] - $from[0], $to[1] - $from[1])) **
                        2;
                }
            }
        }
        foreach ($ends as $k => $pair) {
            foreach ($pair as $end) {
                $off[$k] += ($spread * self::mmPerPixel($perspective, $end)) ** 2;
            }
        }

        return new self(
            $edge,
            array_map(static fn(array $p): array => $perspective->inPhoto(...$p), $table),
            2.0 * sqrt($off[0]),
            2.0 * sqrt($off[1]),
            2.0 * sqrt($off[2]),
            $perspective->sheet,
        );
    }

    /**
     * @param list<array{float, float}> $points
     *
     * @return list<array{float, float}> in mm, both halves
     */
    private static function onTable(Perspective $perspective, array $points, bool $mirrored): array
    {
        $table = array_map(static fn(array $p): array => $perspective->onTable(...$p), $points);
        if (!$mirrored) {
            return $table;
        }
        [$from, $to] = [$table[0], $table[count($table) - 1]];
        $square = ($to[0] - $from[0]) ** 2 + ($to[1] - $from[1]) ** 2;
        if ($square < 1.0) {
            throw BadRecord::at(
                'points',
                'A half goes from the middle above to the middle below: its first point and its last are the ' .
                    'line that it is mirrored about.',
            );
        }
        foreach (array_reverse(array_slice($table, 1, -1)) as $p) {
            $along = (($p[0] - $from[0]) * ($to[0] - $from[0]) + ($p[1] - $from[1]) * ($to[1] - $from[1])) / $square;
            $table[] = [
                2.0 * ($from[0] + $along * ($to[0] - $from[0])) - $p[0],
                2.0 * ($from[1] + $along * ($to[1] - $from[1])) - $p[1],
            ];
        }

        return $table;
    }

    /**
     * Turned so that up in the photo is up, or the line that it is mirrored about stands upright.
     *
     * @param list<array{float, float}> $table
     * @param list<array{float, float}> $points
     *
     * @return list<array{float, float}>
     */
    private static function upright(array $table, array $points, bool $mirrored, Perspective $perspective): array
    {
        if ($mirrored) {
            [$above, $below] = [$table[0], $table[count($points) - 1]];
            [$above, $below] = $points[0][1] <= $points[count($points) - 1][1] ? [$above, $below] : [$below, $above];
        } else {
            $x = array_sum(array_column($points, 0)) / count($points);
            $y = array_sum(array_column($points, 1)) / count($points);
            [$above, $below] = [$perspective->onTable($x, $y - 1.0), $perspective->onTable($x, $y + 1.0)];
        }
        $lean = atan2($below[0] - $above[0], $below[1] - $above[1]);

        return array_map(
            static fn(array $p): array => [
                $p[0] * cos($lean) - $p[1] * sin($lean),
                $p[0] * sin($lean) + $p[1] * cos($lean),
            ],
            $table,
        );
    }

    /**
     * Where the piece ends to the left and right, above and below, and two places far apart across its middle; on the
     * table.
     *
     * @param list<array{float, float}> $table
     *
     * @return array{array{array{float, float}, array{float, float}}, array{array{float, float}, array{float, float}},
     *     array{array{float, float}, array{float, float}}}
     */
    private static function ends(TracedEdge $edge, array $table): array
    {
        $at = static function (int $axis, bool $most) use ($edge, $table): array {
            $values = array_column($edge->points, $axis);
            $index = array_search($most ? max([-\INF, ...$values]) : min([\INF, ...$values]), $values, true);

            return $table[(int) $index];
        };
        [$left, $right] = [$at(0, false), $at(0, true)];
        [$x, $y] = [($left[0] + $right[0]) / 2.0, ($left[1] + $right[1]) / 2.0];
        $heading = atan2($right[1] - $left[1], $right[0] - $left[0]);
        [$dx, $dy] = [(self::FAR_MM / 2.0) * cos($heading), (self::FAR_MM / 2.0) * sin($heading)];

        return [[$left, $right], [$at(1, false), $at(1, true)], [[$x - $dx, $y - $dy], [$x + $dx, $y + $dy]]];
    }

    /**
     * @param array{float, float} $from in pixels
     * @param array{float, float} $to
     */
    private static function apart(Perspective $perspective, array $from, array $to): float
    {
        [$a, $b] = [$perspective->onTable(...$from), $perspective->onTable(...$to)];

        return hypot($b[0] - $a[0], $b[1] - $a[1]);
    }

    /** @param array{float, float} $place on the table */
    private static function mmPerPixel(Perspective $perspective, array $place): float
    {
        [$x, $y] = $perspective->inPhoto(...$place);

        return max(
            self::apart($perspective, [$x - 0.5, $y], [$x + 0.5, $y]),
            self::apart($perspective, [$x, $y - 0.5], [$x, $y + 0.5]),
        );
    }
}
