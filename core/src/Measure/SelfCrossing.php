<?php

declare(strict_types=1);

namespace Wubbin\Core\Measure;

/** Where a closed line crosses itself. */
final readonly class SelfCrossing
{
    /**
     * The first two sides of a closed line that cross, as the points they begin at; null where none do.
     *
     * @param list<array{float, float}> $loop
     *
     * @return array{int, int}|null
     */
    public static function of(array $loop): ?array
    {
        $n = count($loop);
        foreach (self::nearSides($loop) as $i => $others) {
            // Neighbours meet where they join, and do not cross.
            foreach ($others as $j) {
                if ($j < $i + 2 || (0 === $i && $j === $n - 1)) {
                    continue;
                }
                [$a, $b, $c, $d] = [$loop[$i], $loop[$i + 1], $loop[$j], $loop[($j + 1) % $n]];
                if (
                    Contour::turn($a, $b, $c) * Contour::turn($a, $b, $d) < 0.0 &&
                    Contour::turn($c, $d, $a) * Contour::turn($c, $d, $b) < 0.0
                ) {
                    return [$i, $j];
                }
            }
        }

        return null;
    }

    /**
     * Of each side the later ones that lie in a square with it: of the plane, as many squares as the line has points.
     *
     * @param list<array{float, float}> $loop
     *
     * @return iterable<int, list<int>> sides, as the points they begin at, in order
     */
    private static function nearSides(array $loop): iterable
    {
        $n = count($loop);
        if ($n < 4) {
            return;
        }
        $box = Contour::box($loop);
        $square = max(
            1e-9,
            sqrt(max($box->size->widthMm * $box->size->heightMm, 1e-12) / $n),
            Contour::length($loop) / $n,
        );
        $squares = $of = [];
        foreach ($loop as $i => $from) {
            $to = $loop[($i + 1) % $n];
            $right = (int) floor((max($from[0], $to[0]) - $box->xMm) / $square);
            $bottom = (int) floor((max($from[1], $to[1]) - $box->yMm) / $square);
            for ($y = (int) floor((min($from[1], $to[1]) - $box->yMm) / $square); $y <= $bottom; ++$y) {
                for ($x = (int) floor((min($from[0], $to[0]) - $box->xMm) / $square); $x <= $right; ++$x) {
                    $squares["$x $y"][] = $i;
                    $of[$i][] = "$x $y";
                }
            }
        }
        foreach ($of as $i => $keys) {
            $near = [];
            foreach ($keys as $key) {
                foreach ($squares[$key] as $j) {
                    $near[$j] = true;
                }
            }
            ksort($near);
            yield $i => array_keys($near);
        }
    }
}
