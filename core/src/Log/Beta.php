<?php

declare(strict_types=1);

namespace Wubbin\Core\Log;

/**
 * The Beta distribution: its cumulative probability by a continued fraction (Press and others, Numerical Recipes, 6.4,
 * from memory).
 */
final readonly class Beta
{
    private const ROUNDS = 300;
    private const CLOSE = 1.0e-14;
    private const TINY = 1.0e-300;

    /** Coefficients of Lanczos' approximation for g = 7, nine terms (Numerical Recipes, 6.1, from memory). */
    private const LANCZOS = [
        0.99999999999980993,
        676.5203681218851,
        -1259.1392167224028,
        771.32342877765313,
        -176.61502916214059,
        12.507343278686905,
        -0.13857109526572012,
        9.9843695780195716e-6,
        1.5056327351493116e-7,
    ];

    /** How probable a value below x is; a and b above 0. */
    public static function below(float $x, float $a, float $b): float
    {
        if ($x <= 0.0) {
            return 0.0;
        }
        if ($x >= 1.0) {
            return 1.0;
        }
        $front = exp(
            self::logGamma($a + $b) - self::logGamma($a) - self::logGamma($b) + $a * log($x) + $b * log1p(-$x),
        );

        return $x < ($a + 1.0) / ($a + $b + 2.0)
            ? ($front * self::fraction($x, $a, $b)) / $a
            : 1.0 - ($front * self::fraction(1.0 - $x, $b, $a)) / $b;
    }

    /** The value below which lies so much, by halving. */
    public static function quantile(float $probability, float $a, float $b): float
    {
        [$low, $high] = [0.0, 1.0];
        for ($n = 0; $n < 60 && $high - $low > 1.0e-13; ++$n) {
            $middle = ($low + $high) / 2.0;
            self::below($middle, $a, $b) < $probability ? ($low = $middle) : ($high = $middle);
        }

        return ($low + $high) / 2.0;
    }

    private static function fraction(float $x, float $a, float $b): float
    {
        $c = 1.0;
        $d = 1.0 / self::notZero(1.0 - (($a + $b) * $x) / ($a + 1.0));
        $value = $d;
        for ($m = 1; $m <= self::ROUNDS; ++$m) {
            $even = ($m * ($b - $m) * $x) / (($a + 2 * $m - 1.0) * ($a + 2 * $m));
            $d = 1.0 / self::notZero(1.0 + $even * $d);
            $c = self::notZero(1.0 + $even / $c);
            $value *= $d * $c;
            $odd = (-($a + $m) * ($a + $b + $m) * $x) / (($a + 2 * $m) * ($a + 2 * $m + 1.0));
            $d = 1.0 / self::notZero(1.0 + $odd * $d);
            $c = self::notZero(1.0 + $odd / $c);
            $value *= $d * $c;
            if (abs($d * $c - 1.0) < self::CLOSE) {
                break;
            }
        }

        return $value;
    }

    private static function notZero(float $value): float
    {
        return abs($value) < self::TINY ? self::TINY : $value;
    }

    private static function logGamma(float $x): float
    {
        if ($x < 0.5) {
            return log(\M_PI / sin(\M_PI * $x)) - self::logGamma(1.0 - $x);
        }
        --$x;
        $sum = self::LANCZOS[0];
        for ($i = 1; $i < 9; ++$i) {
            $sum += self::LANCZOS[$i] / ($x + $i);
        }
        $t = $x + 7.5;

        return 0.5 * log(2.0 * \M_PI) + ($x + 0.5) * log($t) - $t + log($sum);
    }
}
