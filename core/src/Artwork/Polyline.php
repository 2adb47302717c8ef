<?php

declare(strict_types=1);

namespace Wubbin\Core\Artwork;

use Wubbin\Core\Measure\BadRecord;

/** Sums on closed lines, whose last point is joined to the first. */
final readonly class Polyline
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
            $points[] = isset($pair[1]) ? [(float) $pair[0], (float) $pair[1]] : throw BadRecord::at('outlines', 'A point has two numbers.');
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
            $smooth[] = [($before[0] + 2.0 * $point[0] + $after[0]) / 4.0, ($before[1] + 2.0 * $point[1] + $after[1]) / 4.0];
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

        return [$loop[0], ...array_map(static fn (int $i): array => $line[$i], array_keys($keep))];
    }

    /**
     * Whether a point lies within it: a ray to the right crosses it an odd number of times.
     *
     * @param non-empty-list<array{float, float}> $loop
     * @param array{float, float}                 $point
     */
    public static function holds(array $loop, array $point): bool
    {
        $inside = false;
        $last = $loop[count($loop) - 1];
        foreach ($loop as $next) {
            if (($next[1] > $point[1]) !== ($last[1] > $point[1])
                && $point[0] < ($last[0] - $next[0]) * ($point[1] - $next[1]) / ($last[1] - $next[1]) + $next[0]) {
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
                $points[] = [$a[0] + ($b[0] - $a[0]) * $due / $length, $a[1] + ($b[1] - $a[1]) * $due / $length];
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
}
