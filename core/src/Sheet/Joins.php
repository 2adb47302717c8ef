<?php

declare(strict_types=1);

namespace Wubbin\Core\Sheet;

/** Where a length is divided into parts that overlap, so that the joins show least. */
final readonly class Joins
{
    /** Joins are looked for on every so many mm. */
    private const STEP_MM = 2.0;

    /** What it costs that a join runs through something that was to stay whole: more than any number of busy places. */
    private const THROUGH = 1000.0;

    /** A little is paid for parts of unequal length, so that of two quiet places the more even one is taken. */
    private const UNEVEN = 0.05;

    /** Where all parts but the last are to be as long as they can be, every mm less costs more than any busy place. */
    private const SHORT = 2.0;

    /**
     * @param list<float> $at middles of the joins, in mm
     * @param bool $through one of them runs through something that was to stay whole
     */
    private function __construct(public array $at, public bool $through) {}

    /** The fewest parts that cover a length, none longer than this. */
    public static function fewest(float $length, float $longest, float $overlap): int
    {
        return $length <= $longest ? 1 : (int) ceil(($length - $overlap) / ($longest - $overlap) - 1e-9);
    }

    /**
     * Divides a length into so many parts, each no longer than the longest with its overlaps; by dynamic programming
     * over the places of the joins, one after another, with the least of a sliding window.
     *
     * @param float $overlap of two neighbours, less than the longest part
     * @param list<array{float, float}> $whole from where to where something must not be joined
     * @param callable(float, float): float $busy how much is going on between two places, 0 to 1
     * @param bool $full the parts are as long as they can be, so that the last is small;
     *                   else they are even
     *
     * @return self|null null where so few parts do not cover it
     */
    public static function into(
        int $parts,
        float $length,
        float $longest,
        float $overlap,
        array $whole,
        callable $busy,
        bool $full = false,
    ): ?self {
        if ($parts < self::fewest($length, $longest, $overlap) || ($parts > 1 && $longest <= $overlap)) {
            return null;
        }
        if (1 === $parts) {
            return new self([], false);
        }
        $half = $overlap / 2.0;
        $places = range(self::STEP_MM, max(self::STEP_MM, floor($length - self::STEP_MM)), self::STEP_MM);
        // Evenly divided, the joins may all lie between two steps.
        $wanted = [];
        for ($k = 1; $k < $parts; ++$k) {
            $places[] = $wanted[$k] = $full ? $k * ($longest - $overlap) + $half : ($length * $k) / $parts;
        }
        $places = array_values(array_filter($places, static fn(float $at): bool => $at > 0.0 && $at < $length));
        $dear = $full ? self::SHORT : self::UNEVEN / $length;
        sort($places);
        $cost = array_map(static function (float $at) use ($half, $whole, $busy): float {
            foreach ($whole as [$from, $to]) {
                if ($at + $half > $from && $at - $half < $to) {
                    return self::THROUGH;
                }
            }

            return $busy($at - $half, $at + $half);
        }, $places);
        [$best, $from] = self::cheapest($parts, $places, $cost, $wanted, $dear, $longest, $overlap);
        [$least, $last] = [\INF, -1];
        foreach ($best[$parts - 1] ?? [] as $i => $sum) {
            if ($length - $places[$i] + $half <= $longest + 1e-9 && $sum < $least) {
                [$least, $last] = [$sum, $i];
            }
        }
        if (-1 === $last) {
            return null;
        }
        $at = [];
        for ($k = $parts - 1; $k >= 1; --$k) {
            array_unshift($at, $places[$last]);
            $last = $from[$k][$last] ?? -1;
        }

        return new self($at, $least >= self::THROUGH);
    }

    /**
     * The cheapest way to each place as the k-th join, and the place of the join before it.
     *
     * @param list<float> $places
     * @param list<float> $cost of a join there, by place
     * @param array<int, float> $wanted where each join would lie at best
     *
     * @return array{array<int, array<int, float>>, array<int, array<int, int>>}
     */
    private static function cheapest(
        int $parts,
        array $places,
        array $cost,
        array $wanted,
        float $dear,
        float $longest,
        float $overlap,
    ): array {
        $half = $overlap / 2.0;
        // The first part carries one overlap, one in the middle two, the last again one.
        $count = count($places);
        $best = [];
        $from = [];
        for ($k = 1; $k < $parts; ++$k) {
            // Places of the join before that are near enough, those that a later and cheaper one makes useless left
            // out: the first is the cheapest.
            $window = [];
            $head = 0;
            for ($i = 0; $i < $count; ++$i) {
                $at = $places[$i];
                $own = $cost[$i] + $dear * abs($at - $wanted[$k]);
                if (1 === $k) {
                    $best[1][$i] = $at + $half <= $longest + 1e-9 ? $own : \INF;
                    continue;
                }
                while (isset($window[$head]) && $at - $places[$window[$head]] + $overlap > $longest + 1e-9) {
                    ++$head;
                }
                $before = $window[$head] ?? -1;
                $best[$k][$i] = -1 === $before ? \INF : $best[$k - 1][$before] + $own;
                $from[$k][$i] = $before;
                for (
                    $end = count($window);
                    $end > $head && $best[$k - 1][$window[$end - 1]] >= $best[$k - 1][$i];
                    --$end
                ) {
                    array_pop($window);
                }
                $window[] = $i;
            }
        }

        return [$best, $from];
    }

    /**
     * From where to where each part goes.
     *
     * @return non-empty-list<array{float, float}>
     */
    public function parts(float $length, float $overlap): array
    {
        $parts = [];
        $from = 0.0;
        foreach ($this->at as $at) {
            $parts[] = [$from, $at + $overlap / 2.0];
            $from = $at - $overlap / 2.0;
        }
        $parts[] = [$from, $length];

        return $parts;
    }
}
