<?php

declare(strict_types=1);

namespace Wubbin\Core\Artwork\CutOut;

/** Which colours a part of a picture is made of: a few clouds in CIE L*a*b*, as grab-cut has them. */
final readonly class ColourModel
{
    private const CLOUDS = 5;
    private const ROUNDS = 6;

    /** No cloud is tighter than this, in L*a*b*: patches of one colour are never quite of one (assumed). */
    private const TIGHTEST = 3.0;

    /** @param list<array{float, float, float, float, float, float, float}> $clouds weight, middle and spread */
    private function __construct(private array $clouds) {}

    /** @param non-empty-list<array{float, float, float, int}> $patches colours, and how much each counts */
    public static function of(array $patches): self
    {
        $middles = self::first($patches);
        $members = [];
        for ($round = 0; $round < self::ROUNDS; ++$round) {
            $members = [];
            foreach ($patches as $patch) {
                $members[self::nearest($patch, $middles)][] = $patch;
            }
            // A cloud that has lost all its patches is none.
            $middles = array_map(self::mean(...), array_values($members));
        }
        $all = max(1, array_sum(array_column($patches, 3)));
        $clouds = [];
        foreach (array_values($members) as $k => $of) {
            $count = array_sum(array_column($of, 3));
            if ($count > 0) {
                $spread = [0.0, 0.0, 0.0];
                foreach ($of as $patch) {
                    foreach ([0, 1, 2] as $axis) {
                        $spread[$axis] += ($patch[3] * ($patch[$axis] - $middles[$k][$axis]) ** 2) / $count;
                    }
                }
                $spread = array_map(static fn(float $s): float => max(self::TIGHTEST ** 2, $s), $spread);
                $clouds[] = [$count / $all, ...$middles[$k], ...$spread];
            }
        }

        return new self($clouds);
    }

    /**
     * How unlikely a colour is here: the negative logarithm of its density.
     *
     * @param array{float, float, float, int} $patch
     */
    public function surprise(array $patch): float
    {
        $density = 1e-12;
        foreach ($this->clouds as [$weight, $l, $a, $b, $sl, $sa, $sb]) {
            $off = ($patch[0] - $l) ** 2 / $sl + ($patch[1] - $a) ** 2 / $sa + ($patch[2] - $b) ** 2 / $sb;
            $density += ($weight * exp(-0.5 * $off)) / sqrt($sl * $sa * $sb);
        }

        return -log($density);
    }

    /**
     * Middles to begin from: each the farthest from those before it.
     *
     * @param non-empty-list<array{float, float, float, int}> $patches
     *
     * @return non-empty-list<array{float, float, float}>
     */
    private static function first(array $patches): array
    {
        $middles = [self::mean($patches)];
        $least = array_map(static fn(array $patch): float => self::apart($patch, $middles[0]), $patches);
        while (count($middles) < min(self::CLOUDS, count($patches))) {
            $farthest = $patches[(int) array_search(max($least), $least, true)];
            $middle = [$farthest[0], $farthest[1], $farthest[2]];
            $middles[] = $middle;
            foreach ($patches as $i => $patch) {
                $least[$i] = min($least[$i], self::apart($patch, $middle));
            }
        }

        return $middles;
    }

    /**
     * @param non-empty-list<array{float, float, float, int}> $patches
     *
     * @return array{float, float, float}
     */
    private static function mean(array $patches): array
    {
        $sum = [0.0, 0.0, 0.0];
        $all = 0;
        foreach ($patches as $patch) {
            $all += $patch[3];
            foreach ([0, 1, 2] as $axis) {
                $sum[$axis] += $patch[3] * $patch[$axis];
            }
        }
        $all = max(1, $all);

        return [$sum[0] / $all, $sum[1] / $all, $sum[2] / $all];
    }

    /**
     * @param array{float, float, float, int} $patch
     * @param non-empty-list<array{float, float, float}> $middles
     */
    private static function nearest(array $patch, array $middles): int
    {
        $nearest = 0;
        $least = \INF;
        foreach ($middles as $k => $middle) {
            $apart = self::apart($patch, $middle);
            [$nearest, $least] = $apart < $least ? [$k, $apart] : [$nearest, $least];
        }

        return $nearest;
    }

    /**
     * @param array{float, float, float, int} $patch
     * @param array{float, float, float} $middle
     */
    private static function apart(array $patch, array $middle): float
    {
        return ($patch[0] - $middle[0]) ** 2 + ($patch[1] - $middle[1]) ** 2 + ($patch[2] - $middle[2]) ** 2;
    }
}
