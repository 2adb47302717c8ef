<?php

declare(strict_types=1);

namespace Wubbin\Core\Measure;

/** What a cord laid round some points would show: Andrew (1979). */
final readonly class ConvexHull
{
    /**
     * @param non-empty-list<array{float, float}> $points
     *
     * @return non-empty-list<array{float, float}> a closed line, running with the clock, y pointing down
     */
    public static function of(array $points): array
    {
        usort($points, static fn(array $a, array $b): int => $a <=> $b);
        $hull = [...self::bulge($points), ...self::bulge(array_reverse($points))];

        return [] === $hull ? [$points[0]] : $hull;
    }

    /**
     * From the first to before the last, turning one way only.
     *
     * @param non-empty-list<array{float, float}> $points in order along a line
     *
     * @return list<array{float, float}>
     */
    private static function bulge(array $points): array
    {
        $line = [];
        foreach ($points as $point) {
            while (($n = count($line)) > 1 && Contour::turn($line[$n - 2], $line[$n - 1], $point) <= 0.0) {
                array_pop($line);
            }
            $line[] = $point;
        }

        return array_slice($line, 0, -1);
    }
}
