<?php

declare(strict_types=1);

namespace Wubbin\Core\Lettering;

use Wubbin\Core\Measure\Rect;

/**
 * Areas bounded by straight lines and curves, filled by the nonzero rule, as letters are. y grows downwards; the unit
 * is that of whoever made it.
 *
 * Each segment ends at its last point: M moves there, L draws a line, Q a quadratic and C a cubic Bézier curve; Z
 * closes what was begun with M.
 */
final readonly class Outline
{
    /** @param list<array{string, list<array{float, float}>}> $segments */
    private function __construct(public array $segments) {}

    public static function nothing(): self
    {
        return new self([]);
    }

    /**
     * Of an SVG path with absolute M, L, Q, C and Z only.
     *
     * @param string $path as font tools write it
     */
    public static function fromPath(string $path): self
    {
        preg_match_all('/([MLQCZ])([^MLQCZ]*)/', $path, $found, \PREG_SET_ORDER);
        $segments = [];
        foreach ($found as [, $does, $typed]) {
            preg_match_all(
                '/(-?\d*\.?\d+(?:e-?\d+)?)[\s,]+(-?\d*\.?\d+(?:e-?\d+)?)/i',
                $typed,
                $numbers,
                \PREG_SET_ORDER,
            );
            $segments[] = [
                $does,
                array_map(static fn(array $pair): array => [(float) $pair[1], (float) $pair[2]], $numbers),
            ];
        }

        return new self($segments);
    }

    /** @param list<list<array{float, float}>> $loops straight from point to point */
    public static function fromLoops(array $loops): self
    {
        $segments = [];
        foreach ($loops as $loop) {
            foreach ($loop as $i => [$x, $y]) {
                $segments[] = [0 === $i ? 'M' : 'L', [[$x, $y]]];
            }
            $segments[] = ['Z', []];
        }

        return new self($segments);
    }

    /** @param list<self> $parts */
    public static function joined(array $parts): self
    {
        return new self(array_merge(...array_map(static fn(self $part): array => $part->segments, $parts)));
    }

    /**
     * Each point by a map of the plane. One that bends lines is followed by their control points alone.
     *
     * @param callable(float, float): array{float, float} $point
     */
    public function mapped(callable $point): self
    {
        return new self(
            array_map(
                static fn(array $segment): array => [
                    $segment[0],
                    array_map(static fn(array $p): array => $point($p[0], $p[1]), $segment[1]),
                ],
                $this->segments,
            ),
        );
    }

    /** So many times as large, then moved: in one go, since texts have many letters. */
    public function at(float $scale, float $right, float $down): self
    {
        $segments = [];
        foreach ($this->segments as [$does, $points]) {
            foreach ($points as $n => [$x, $y]) {
                $points[$n] = [$x * $scale + $right, $y * $scale + $down];
            }
            $segments[] = [$does, $points];
        }

        return new self($segments);
    }

    public function movedBy(float $right, float $down): self
    {
        return $this->at(1.0, $right, $down);
    }

    /** The smallest rectangle that holds all of it, curves at their true reach; null where there is nothing. */
    public function box(): ?Rect
    {
        $points = array_merge(...$this->loops(0.001 * max(1e-6, $this->reach())));
        if ([] === $points) {
            return null;
        }
        [$xs, $ys] = [array_column($points, 0), array_column($points, 1)];

        return Rect::mm(min($xs), min($ys), max($xs) - min($xs), max($ys) - min($ys));
    }

    /**
     * Straight from point to point, nowhere farther from the curves than the tolerance.
     *
     * A curve cut into n equal parts is missed by at most a quarter of its second difference over n² (quadratic), three
     * quarters of the larger one (cubic).
     *
     * @return list<non-empty-list<array{float, float}>>
     */
    public function loops(float $tolerance): array
    {
        $loops = $loop = [];
        $at = [0.0, 0.0];
        foreach ($this->segments as [$does, $points]) {
            if ('M' === $does || 'Z' === $does) {
                $loops = [] === $loop ? $loops : [...$loops, $loop];
                $loop = [];
            }
            foreach (self::along([$at, ...$points], $tolerance) as $point) {
                $loop[] = $point;
            }
            $at = $points[count($points) - 1] ?? $at;
        }

        return [] === $loop ? $loops : [...$loops, $loop];
    }

    /** As the `d` of an SVG path. */
    public function path(int $digits = 3): string
    {
        $path = '';
        foreach ($this->segments as [$does, $points]) {
            $path .=
                $does .
                implode(
                    ' ',
                    array_map(
                        static fn(array $p): string => round($p[0], $digits) . ' ' . round($p[1], $digits),
                        $points,
                    ),
                );
        }

        return $path;
    }

    /** How far its points lie apart at most, along an axis. */
    private function reach(): float
    {
        $points = array_merge(...array_map(static fn(array $segment): array => $segment[1], $this->segments));
        if ([] === $points) {
            return 0.0;
        }
        [$xs, $ys] = [array_column($points, 0), array_column($points, 1)];

        return max(max($xs) - min($xs), max($ys) - min($ys));
    }

    /**
     * @param non-empty-list<array{float, float}> $points where it begins, control points, where it ends
     *
     * @return list<array{float, float}> without its beginning
     */
    private static function along(array $points, float $tolerance): array
    {
        if (count($points) < 3) {
            return array_slice($points, 1);
        }
        $bends = 0.0;
        for ($i = 2; $i < count($points); ++$i) {
            $bends = max(
                $bends,
                hypot(
                    $points[$i][0] - 2.0 * $points[$i - 1][0] + $points[$i - 2][0],
                    $points[$i][1] - 2.0 * $points[$i - 1][1] + $points[$i - 2][1],
                ),
            );
        }
        $parts = max(1, (int) ceil(sqrt(((3 === count($points) ? 0.25 : 0.75) * $bends) / $tolerance)));
        $line = [];
        for ($n = 1; $n <= $parts; ++$n) {
            $line[] = self::on($points, $n / $parts);
        }

        return $line;
    }

    /**
     * De Casteljau: halved again and again at the same share.
     *
     * @param non-empty-list<array{float, float}> $points
     *
     * @return array{float, float}
     */
    private static function on(array $points, float $share): array
    {
        while (count($points) > 1) {
            $next = [];
            for ($i = 1; $i < count($points); ++$i) {
                $next[] = [
                    $points[$i - 1][0] + $share * ($points[$i][0] - $points[$i - 1][0]),
                    $points[$i - 1][1] + $share * ($points[$i][1] - $points[$i - 1][1]),
                ];
            }
            $points = $next;
        }

        return $points[0];
    }
}
