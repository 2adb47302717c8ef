<?php

declare(strict_types=1);

namespace Wubbin\Tests\Support;

/**
 * CIEDE2000 between sRGB colours, written out from ISO/CIE 11664-6 and Sharma, Wu and Dalal (2005), for judging what
 * tests render.
 */
final readonly class ColourDifference
{
    /**
     * @param array{int, int, int} $one red, green and blue, 0 to 255
     * @param array{int, int, int} $other red, green and blue, 0 to 255
     */
    public static function ofRgb(array $one, array $other): float
    {
        return self::ofLab(self::lab($one), self::lab($other));
    }

    /**
     * @param array{float, float, float} $one
     * @param array{float, float, float} $other
     */
    public static function ofLab(array $one, array $other): float
    {
        [$l1, $a1, $b1] = $one;
        [$l2, $a2, $b2] = $other;
        $mean = (hypot($a1, $b1) + hypot($a2, $b2)) / 2;
        $g = 0.5 * (1 - sqrt($mean ** 7 / ($mean ** 7 + 25 ** 7)));
        [$a1, $a2] = [$a1 * (1 + $g), $a2 * (1 + $g)];
        [$c1, $c2] = [hypot($a1, $b1), hypot($a2, $b2)];
        $hue = static fn(float $a, float $b): float => 0.0 === $a && 0.0 === $b
            ? 0.0
            : fmod(rad2deg(atan2($b, $a)) + 360, 360);
        [$h1, $h2] = [$hue($a1, $b1), $hue($a2, $b2)];
        $grey = 0.0 === $c1 * $c2;
        $dh = $grey ? 0.0 : fmod($h2 - $h1 + 540, 360) - 180;
        $sum = $h1 + $h2;
        $h = match (true) {
            $grey => $sum,
            abs($h1 - $h2) <= 180 => $sum / 2,
            default => $sum < 360 ? ($sum + 360) / 2 : ($sum - 360) / 2,
        };
        [$dl, $dc, $dH] = [$l2 - $l1, $c2 - $c1, 2 * sqrt($c1 * $c2) * sin(deg2rad($dh / 2))];
        [$l, $c] = [($l1 + $l2) / 2, ($c1 + $c2) / 2];
        $t =
            1 -
            0.17 * cos(deg2rad($h - 30)) +
            0.24 * cos(deg2rad(2 * $h)) +
            0.32 * cos(deg2rad(3 * $h + 6)) -
            0.2 * cos(deg2rad(4 * $h - 63));
        $sl = 1 + (0.015 * ($l - 50) ** 2) / sqrt(20 + ($l - 50) ** 2);
        [$sc, $sh] = [1 + 0.045 * $c, 1 + 0.015 * $c * $t];
        $rt = -2 * sqrt($c ** 7 / ($c ** 7 + 25 ** 7)) * sin(deg2rad(60 * exp(-((($h - 275) / 25) ** 2))));

        return sqrt(($dl / $sl) ** 2 + ($dc / $sc) ** 2 + ($dH / $sh) ** 2 + $rt * ($dc / $sc) * ($dH / $sh));
    }

    /**
     * sRGB to CIE L*a*b* under D65: IEC 61966-2-1.
     *
     * @param array{int, int, int} $rgb
     *
     * @return array{float, float, float}
     */
    private static function lab(array $rgb): array
    {
        [$r, $g, $b] = array_map(static function (int $v): float {
            $c = $v / 255;

            return $c <= 0.04045 ? $c / 12.92 : (($c + 0.055) / 1.055) ** 2.4;
        }, $rgb);
        $f = static fn(float $t): float => $t > (6 / 29) ** 3 ? $t ** (1 / 3) : $t / (3 * (6 / 29) ** 2) + 4 / 29;
        $x = $f((0.4124 * $r + 0.3576 * $g + 0.1805 * $b) / 0.9505);
        $y = $f(0.2126 * $r + 0.7152 * $g + 0.0722 * $b);
        $z = $f((0.0193 * $r + 0.1192 * $g + 0.9505 * $b) / 1.089);

        return [116 * $y - 16, 500 * ($x - $y), 200 * ($y - $z)];
    }
}
