<?php

declare(strict_types=1);

namespace Wubbin\Core\Measure;

/** Sums on closed lines, whose last point is joined to the first. */
final readonly class Contour
{
    /**
     * Numbers in pairs, x and y, with spaces between.
     *
     * @return non-empty-list<array{float, float}>
     *
     * @throws BadRecord where one is left over
     */
    public static function fromText(string $text): array
    {
        $points = [];
        foreach (array_chunk(explode(' ', $text), 2) as $pair) {
            $points[] = isset($pair[1])
                ? [(float) $pair[0], (float) $pair[1]]
                : throw BadRecord::at('outlines', 'A point has two numbers.');
        }

        return $points;
    }

    /**
     * Each point the mean of itself and its neighbours, so that a line no longer goes by the steps of its pixels.
     *
     * @param non-empty-list<array{float, float}> $loop
     *
     * @return non-empty-list<array{float, float}>
     */
    public static function smoothed(array $loop): array
    {
        $n = count($loop);
        $smooth = [];
        foreach ($loop as $i => $point) {
            [$before, $after] = [$loop[($i + $n - 1) % $n], $loop[($i + 1) % $n]];
            $smooth[] = [
                ($before[0] + 2.0 * $point[0] + $after[0]) / 4.0,
                ($before[1] + 2.0 * $point[1] + $after[1]) / 4.0,
            ];
        }

        return $smooth;
    }

    /**
     * With as few points as miss the line by no more than this: Douglas and Peucker (1973).
     *
     * @param non-empty-list<array{float, float}> $loop
     *
     * @return non-empty-list<array{float, float}>
     */
    public static function simplified(array $loop, float $tolerance): array
    {
        $n = count($loop);
        if ($n < 4) {
            return $loop;
        }
        $line = [...$loop, $loop[0]];
        $keep = [intdiv($n, 2) => true];
        $open = [[0, intdiv($n, 2)], [intdiv($n, 2), $n]];
        while (null !== ($span = array_pop($open))) {
            [$from, $to] = $span;
            [$farthest, $most] = [null, $tolerance];
            for ($i = $from + 1; $i < $to; ++$i) {
                $off = self::fromLine($line[$i], $line[$from], $line[$to]);
                if ($off > $most) {
                    [$farthest, $most] = [$i, $off];
                }
            }
            if (null !== $farthest) {
                $keep[$farthest] = true;
                array_push($open, [$from, $farthest], [$farthest, $to]);
            }
        }
        ksort($keep);

        return [$loop[0], ...array_map(static fn(int $i): array => $line[$i], array_keys($keep))];
    }

    /**
     * Whether a point lies within it: a ray to the right crosses it an odd number of times.
     *
     * @param non-empty-list<array{float, float}> $loop
     * @param array{float, float} $point
     */
    public static function holds(array $loop, array $point): bool
    {
        $inside = false;
        $last = $loop[count($loop) - 1];
        foreach ($loop as $next) {
            if (
                $next[1] > $point[1] !== $last[1] > $point[1] &&
                $point[0] < (($last[0] - $next[0]) * ($point[1] - $next[1])) / ($last[1] - $next[1]) + $next[0]
            ) {
                $inside = !$inside;
            }
            $last = $next;
        }

        return $inside;
    }

    /** @param non-empty-list<array{float, float}> $loop */
    public static function length(array $loop): float
    {
        $length = 0.0;
        $last = $loop[count($loop) - 1];
        foreach ($loop as $point) {
            $length += hypot($point[0] - $last[0], $point[1] - $last[1]);
            $last = $point;
        }

        return $length;
    }

    /**
     * Points along it at even steps.
     *
     * @param non-empty-list<array{float, float}> $loop
     *
     * @return list<array{float, float}>
     */
    public static function stepped(array $loop, float $step): array
    {
        $points = [];
        $loop[] = $loop[0];
        $due = 0.0;
        for ($i = 1, $end = count($loop); $i < $end; ++$i) {
            [$a, $b] = [$loop[$i - 1], $loop[$i]];
            $length = hypot($b[0] - $a[0], $b[1] - $a[1]);
            for (; $due < $length; $due += $step) {
                $points[] = [$a[0] + (($b[0] - $a[0]) * $due) / $length, $a[1] + (($b[1] - $a[1]) * $due) / $length];
            }
            $due -= $length;
        }

        return $points;
    }

    /**
     * How often it turns by more than this from one step to the next; neighbouring turns are one corner.
     *
     * @param list<array{float, float}> $points
     */
    public static function corners(array $points, float $degrees): int
    {
        $n = count($points);
        $turns = [];
        for ($i = 0; $i < $n; ++$i) {
            [$a, $b, $c] = [$points[($i + $n - 1) % $n], $points[$i], $points[($i + 1) % $n]];
            $turn = rad2deg(atan2($c[1] - $b[1], $c[0] - $b[0]) - atan2($b[1] - $a[1], $b[0] - $a[0]));
            $turns[] = abs($turn - 360.0 * round($turn / 360.0)) > $degrees;
        }
        $corners = 0;
        foreach ($turns as $i => $is) {
            $corners += $is && !$turns[($i + $n - 1) % $n] ? 1 : 0;
        }

        return $corners;
    }

    /**
     * @param array{float, float} $point
     * @param array{float, float} $from
     * @param array{float, float} $to
     */
    private static function fromLine(array $point, array $from, array $to): float
    {
        [$dx, $dy] = [$to[0] - $from[0], $to[1] - $from[1]];
        $length = hypot($dx, $dy);

        return 0.0 === $length
            ? hypot($point[0] - $from[0], $point[1] - $from[1])
            : abs($dx * ($point[1] - $from[1]) - $dy * ($point[0] - $from[0])) / $length;
    }

    /**
     * What it encloses; negative where it runs against the clock, y pointing down.
     *
     * @param list<array{float, float}> $loop
     */
    public static function area(array $loop): float
    {
        $twice = 0.0;
        $last = $loop[count($loop) - 1] ?? [0.0, 0.0];
        foreach ($loop as $point) {
            $twice += $last[0] * $point[1] - $point[0] * $last[1];
            $last = $point;
        }

        return $twice / 2.0;
    }

    /** @param non-empty-list<array{float, float}> $points */
    public static function box(array $points): Rect
    {
        [$xs, $ys] = [array_column($points, 0), array_column($points, 1)];
        [$left, $top] = [min([\INF, ...$xs]), min([\INF, ...$ys])];

        return Rect::mm($left, $top, max([-\INF, ...$xs]) - $left, max([-\INF, ...$ys]) - $top);
    }

    /**
     * With a tab that stands on its top: so far above its topmost point, and so wide or as wide as the line is. What
     * the tab covers of the line goes; where that would make it cross itself, the line is left as it is.
     *
     * @param non-empty-list<array{float, float}> $loop running with the clock, y pointing down
     *
     * @return non-empty-list<array{float, float}>
     */
    public static function withTab(array $loop, float $highMm, float $wideMm): array
    {
        $box = self::box($loop);
        $tops = array_column(array_filter($loop, static fn(array $p): bool => $p[1] < $box->yMm + 0.01), 0);
        // A hair within the line's own width, so that the tab's sides meet it.
        $half = min($wideMm, $box->size->widthMm - 0.02) / 2.0;
        $middle = min(
            max(array_sum($tops) / max(1, count($tops)), $box->xMm + 0.01 + $half),
            $box->right() - 0.01 - $half,
        );
        $sides = array_map(static fn(float $x): ?array => self::uppermostAt($loop, $x), [
            $middle - $half,
            $middle + $half,
        ]);
        if (null === $sides[0] || null === $sides[1]) {
            return $loop;
        }
        [[$left, $leftY], [$right, $rightY]] = $sides;
        $n = count($loop);
        $kept = [];
        for ($k = 1; $k <= $n; ++$k) {
            $i = ($right + $k) % $n;
            $kept[] = $loop[$i];
            if ($i === $left) {
                break;
            }
        }
        $top = $box->yMm - $highMm;
        $tabbed = [
            ...$kept,
            [$middle - $half, $leftY],
            [$middle - $half, $top],
            [$middle + $half, $top],
            [$middle + $half, $rightY],
        ];

        return null === SelfCrossing::of($tabbed) ? $tabbed : $loop;
    }

    /**
     * @param non-empty-list<array{float, float}> $loop
     *
     * @return array{int,
     *     float}|null the side, as the point it begins at, that an upright line meets first from above; and where
     */
    private static function uppermostAt(array $loop, float $x): ?array
    {
        $found = null;
        foreach ($loop as $i => $from) {
            $to = $loop[($i + 1) % count($loop)];
            if ($from[0] > $x !== $to[0] > $x) {
                $y = $from[1] + (($to[1] - $from[1]) * ($x - $from[0])) / ($to[0] - $from[0]);
                $found = null === $found || $y < $found[1] ? [$i, $y] : $found;
            }
        }

        return $found;
    }

    /**
     * Those that lie within no other; of loops that do not cross.
     *
     * @param list<non-empty-list<array{float, float}>> $loops
     *
     * @return list<non-empty-list<array{float, float}>>
     */
    public static function outermost(array $loops): array
    {
        $boxes = array_map(self::box(...), $loops);
        $outer = [];
        foreach ($loops as $i => $loop) {
            foreach ($boxes as $j => $box) {
                if ($i !== $j && $boxes[$i]->within($box) && self::holds($loops[$j], $loop[0])) {
                    continue 2;
                }
            }
            $outer[] = $loop;
        }

        return $outer;
    }

    /**
     * How far a point is from the line.
     *
     * @param non-empty-list<array{float, float}> $loop
     * @param array{float, float} $point
     */
    public static function distance(array $loop, array $point): float
    {
        $least = \INF;
        $from = $loop[count($loop) - 1];
        foreach ($loop as $to) {
            [$dx, $dy] = [$to[0] - $from[0], $to[1] - $from[1]];
            $square = $dx * $dx + $dy * $dy;
            $along =
                0.0 === $square
                    ? 0.0
                    : max(0.0, min(1.0, (($point[0] - $from[0]) * $dx + ($point[1] - $from[1]) * $dy) / $square));
            $least = min($least, hypot($point[0] - $from[0] - $along * $dx, $point[1] - $from[1] - $along * $dy));
            $from = $to;
        }

        return $least;
    }

    /**
     * The part of it within a rectangle: Sutherland and Hodgman (1974). Parts that fall asunder are joined along the
     * rectangle's sides, which encloses nothing more.
     *
     * @param list<array{float, float}> $loop
     *
     * @return list<array{float, float}>
     */
    public static function within(array $loop, Rect $rect): array
    {
        foreach (
            [[0, 1.0, $rect->xMm], [0, -1.0, -$rect->right()], [1, 1.0, $rect->yMm], [1, -1.0, -$rect->bottom()]]
            as [$axis, $sign, $limit]
        ) {
            $kept = [];
            $last = $loop[count($loop) - 1] ?? [0.0, 0.0];
            foreach ($loop as $point) {
                [$before, $now] = [$sign * $last[$axis] - $limit, $sign * $point[$axis] - $limit];
                if ($before < 0.0 !== $now < 0.0) {
                    $share = $before / ($before - $now);
                    $kept[] = [$last[0] + ($point[0] - $last[0]) * $share, $last[1] + ($point[1] - $last[1]) * $share];
                }
                if ($now >= 0.0) {
                    $kept[] = $point;
                }
                $last = $point;
            }
            $loop = $kept;
        }

        return $loop;
    }

    /**
     * Twice the area of a triangle; above zero where it runs with the clock, y pointing down.
     *
     * @param array{float, float} $a
     * @param array{float, float} $b
     * @param array{float, float} $c
     */
    public static function turn(array $a, array $b, array $c): float
    {
        return ($b[0] - $a[0]) * ($c[1] - $a[1]) - ($b[1] - $a[1]) * ($c[0] - $a[0]);
    }
}
