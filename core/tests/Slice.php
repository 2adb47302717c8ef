<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests;

/**
 * Of tests that take long, everyday runs take one slice, and another one for each commit; the long run takes them all.
 * Which slice it is says the environment: bin/check sets it by the commit, or as `--slice=N` says.
 */
final readonly class Slice
{
    public static function isWhole(): bool
    {
        return '1' === getenv('WUBBIN_FULL');
    }

    /** Which slice is taken: from 0. */
    public static function number(): int
    {
        return (int) getenv('WUBBIN_SLICE');
    }

    /**
     * Every so many-th, beginning with another one for each slice; all of them where everything is tested.
     *
     * @template K of array-key
     * @template T
     *
     * @param array<K, T> $all
     * @param positive-int $parts in how many slices they are cut
     *
     * @return array<K, T>
     */
    public static function of(array $all, int $parts): array
    {
        if (self::isWhole()) {
            return $all;
        }
        $first = self::number() % $parts;
        $taken = [];
        $n = 0;
        foreach ($all as $key => $one) {
            if ($n++ % $parts === $first) {
                $taken[$key] = $one;
            }
        }

        return $taken;
    }

    /** Whether a case lies in the slice, by its place in a row that is not known beforehand. */
    public static function holds(int $place, int $parts): bool
    {
        return self::isWhole() || $place % $parts === self::number() % $parts;
    }
}
