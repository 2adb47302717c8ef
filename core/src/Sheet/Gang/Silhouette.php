<?php

declare(strict_types=1);

namespace Wubbin\Core\Sheet\Gang;

/** What an outline takes up of a raster, row by row: from one cell to before another. */
final readonly class Silhouette
{
    /** Rounding of a cell's edge. */
    private const EPSILON = 1e-6;

    /**
     * @param non-empty-list<array{int, int}> $rows first cell, and the one after the last
     * @param int $width of its box, in cells
     * @param int $cells that it takes up
     * @param list<int> $tried its rows in the order that they meet something: the widest first
     */
    private function __construct(public array $rows, public int $width, public int $cells, public array $tried) {}

    /**
     * @param non-empty-list<array{float, float}> $points of a closed line, in cells from its box's upper left corner
     * @param float $grow that is added all round; the box's corner moves to this far
     *                    from the raster's
     */
    public static function fromPoints(array $points, float $grow): self
    {
        $high = max(array_column($points, 1)) + 2.0 * $grow;
        $wide = max(array_column($points, 0)) + 2.0 * $grow;
        $count = max(1, (int) ceil($high - self::EPSILON));
        $spans = array_fill(0, $count, [\INF, -\INF]);
        $last = $points[count($points) - 1];
        foreach ($points as $point) {
            self::edge($spans, [$last[0] + $grow, $last[1] + $grow], [$point[0] + $grow, $point[1] + $grow], $grow);
            $last = $point;
        }
        // A curve may bulge a hair over its box; a raster begins at nothing.
        $rows = array_map(
            static fn(array $span): array => [
                max(0, (int) floor($span[0] + self::EPSILON)),
                (int) ceil($span[1] - self::EPSILON),
            ],
            $spans,
        );
        $tried = array_keys($rows);
        usort($tried, static fn(int $a, int $b): int => $rows[$b][1] - $rows[$b][0] <=> $rows[$a][1] - $rows[$a][0]);

        return new self(
            $rows,
            max(1, (int) ceil($wide - self::EPSILON)),
            array_sum(array_map(static fn(array $row): int => $row[1] - $row[0], $rows)),
            $tried,
        );
    }

    /**
     * A quarter with the clock, the box's upper left corner at the origin again.
     *
     * @param non-empty-list<array{float, float}> $points
     *
     * @return non-empty-list<array{float, float}>
     */
    public static function turned(array $points): array
    {
        $high = max(array_column($points, 1));

        return array_map(static fn(array $point): array => [$high - $point[1], $point[0]], $points);
    }

    /**
     * Widens the rows' spans by an edge with everything that is no further from it than the growth: a disc about both
     * ends, and the edge moved to both sides.
     *
     * @param non-empty-list<array{float, float}> $spans
     * @param array{float, float} $from
     * @param array{float, float} $to
     */
    private static function edge(array &$spans, array $from, array $to, float $grow): void
    {
        $count = count($spans);
        $length = hypot($to[0] - $from[0], $to[1] - $from[1]);
        [$nx, $ny] =
            $length > 0.0
                ? [(-($to[1] - $from[1]) * $grow) / $length, (($to[0] - $from[0]) * $grow) / $length]
                : [0.0, 0.0];
        $first = max(0, (int) floor(min($from[1], $to[1]) - $grow + self::EPSILON));
        $last = min($count - 1, (int) ceil(max($from[1], $to[1]) + $grow - self::EPSILON) - 1);
        for ($row = $first; $row <= $last; ++$row) {
            [$least, $most] = $spans[$row];
            foreach ([$from, $to] as [$x, $y]) {
                $away = max(0.0, $row - $y, $y - $row - 1.0);
                if ($away <= $grow) {
                    $reach = sqrt($grow ** 2 - $away ** 2);
                    [$least, $most] = [min($least, $x - $reach), max($most, $x + $reach)];
                }
            }
            foreach ([[$nx, $ny], [-$nx, -$ny]] as [$dx, $dy]) {
                [$y0, $y1] = [$from[1] + $dy, $to[1] + $dy];
                [$top, $bottom] = [max((float) $row, min($y0, $y1)), min($row + 1.0, max($y0, $y1))];
                if ($top <= $bottom) {
                    foreach ([$top, $bottom] as $y) {
                        $x =
                            abs($y1 - $y0) < self::EPSILON
                                ? $from[0]
                                : $from[0] + (($to[0] - $from[0]) * ($y - $y0)) / ($y1 - $y0);
                        [$least, $most] = [min($least, $x + $dx), max($most, $x + $dx)];
                    }
                }
            }
            $spans[$row] = [$least, $most];
        }
    }
}
