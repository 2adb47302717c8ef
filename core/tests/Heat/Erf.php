<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Heat;

/**
 * The error function, by its series near 0 and its continued fraction far from it (Abramowitz & Stegun 7.1.5, 7.1.14).
 */
final readonly class Erf
{
    public static function of(float $x): float
    {
        return 1.0 - self::complement($x);
    }

    public static function complement(float $x): float
    {
        if ($x < 0.0) {
            return 2.0 - self::complement(-$x);
        }
        if ($x < 2.5) {
            $term = $sum = $x;
            for ($n = 1; abs($term) > 1e-17; ++$n) {
                $term *= (-$x * $x) / $n;
                $sum += $term / (2 * $n + 1);
            }

            return 1.0 - (2.0 / sqrt(\M_PI)) * $sum;
        }
        $fraction = 0.0;
        for ($n = 60; $n >= 1; --$n) {
            $fraction = $n / 2.0 / ($x + $fraction);
        }

        return exp(-$x * $x) / sqrt(\M_PI) / ($x + $fraction);
    }
}
