<?php

declare(strict_types=1);

namespace Wubbin\Core\Measure;

/** A colour in CIE L*a*b* under D65, where equal distances look about equally large. */
final readonly class Lab
{
    /** XYZ of the white point D65 for the 2° observer. IEC 61966-2-1. */
    private const WHITE = [0.95047, 1.0, 1.08883];

    private function __construct(public float $l, public float $a, public float $b) {}

    public static function of(Colour $colour): self
    {
        return self::ofLinear(...$colour->linearChannels());
    }

    /**
     * From linear sRGB, 0 to 1 each. Matrix: IEC 61966-2-1; lightness and opponents: CIE 15 (both from memory).
     */
    public static function ofLinear(float $red, float $green, float $blue): self
    {
        $x = self::root((0.4124564 * $red + 0.3575761 * $green + 0.1804375 * $blue) / self::WHITE[0]);
        $y = self::root((0.2126729 * $red + 0.7151522 * $green + 0.072175 * $blue) / self::WHITE[1]);
        $z = self::root((0.0193339 * $red + 0.119192 * $green + 0.9503041 * $blue) / self::WHITE[2]);

        return new self(116.0 * $y - 16.0, 500.0 * ($x - $y), 200.0 * ($y - $z));
    }

    /** Half way from one to the other. */
    public static function between(self $one, self $other): self
    {
        return new self(($one->l + $other->l) / 2.0, ($one->a + $other->a) / 2.0, ($one->b + $other->b) / 2.0);
    }

    /** The plain distance, ΔE*ab of 1976: quick, for telling pixels apart. */
    public function distance(self $other): float
    {
        return sqrt(($this->l - $other->l) ** 2 + ($this->a - $other->a) ** 2 + ($this->b - $other->b) ** 2);
    }

    /**
     * How different two colours look, ΔE00. About 1 is just seen side by side, 100 is black from white.
     *
     * CIEDE2000: CIE 142, ISO/CIE 11664-6; in the form of Sharma, Wu and Dalal (2005), with all weights 1.
     */
    public function difference(self $other): float
    {
        $mean = (hypot($this->a, $this->b) + hypot($other->a, $other->b)) / 2.0;
        $g = 0.5 * (1.0 - sqrt($mean ** 7 / ($mean ** 7 + 25.0 ** 7)));
        [$a1, $a2] = [(1.0 + $g) * $this->a, (1.0 + $g) * $other->a];
        [$c1, $c2] = [hypot($a1, $this->b), hypot($a2, $other->b)];
        [$h1, $h2] = [self::hue($a1, $this->b), self::hue($a2, $other->b)];
        $grey = 0.0 === $c1 * $c2;
        $turn = match (true) {
            $grey => 0.0,
            abs($h2 - $h1) <= 180.0 => $h2 - $h1,
            $h2 > $h1 => $h2 - $h1 - 360.0,
            default => $h2 - $h1 + 360.0,
        };
        $hue = match (true) {
            $grey => $h1 + $h2,
            abs($h2 - $h1) <= 180.0 => ($h1 + $h2) / 2.0,
            default => ($h1 + $h2 + ($h1 + $h2 < 360.0 ? 360.0 : -360.0)) / 2.0,
        };
        $light = ($this->l + $other->l) / 2.0;
        $chroma = ($c1 + $c2) / 2.0;
        $t =
            1.0 -
            0.17 * cos(deg2rad($hue - 30.0)) +
            0.24 * cos(deg2rad(2.0 * $hue)) +
            0.32 * cos(deg2rad(3.0 * $hue + 6.0)) -
            0.2 * cos(deg2rad(4.0 * $hue - 63.0));
        $sl = 1.0 + (0.015 * ($light - 50.0) ** 2) / sqrt(20.0 + ($light - 50.0) ** 2);
        $sc = 1.0 + 0.045 * $chroma;
        $sh = 1.0 + 0.015 * $chroma * $t;
        $rotation =
            -2.0 *
            sqrt($chroma ** 7 / ($chroma ** 7 + 25.0 ** 7)) *
            sin(deg2rad(60.0 * exp(-((($hue - 275.0) / 25.0) ** 2))));
        $dl = ($other->l - $this->l) / $sl;
        $dc = ($c2 - $c1) / $sc;
        $dh = (2.0 * sqrt($c1 * $c2) * sin(deg2rad($turn) / 2.0)) / $sh;

        return sqrt($dl ** 2 + $dc ** 2 + $dh ** 2 + $rotation * $dc * $dh);
    }

    /** In degrees from 0 to 360; 0 for a grey, which has none. */
    private static function hue(float $a, float $b): float
    {
        $degrees = rad2deg(atan2($b, $a));

        return $degrees < 0.0 ? $degrees + 360.0 : $degrees;
    }

    private static function root(float $share): float
    {
        return $share > (6.0 / 29.0) ** 3 ? $share ** (1.0 / 3.0) : $share / (3.0 * (6.0 / 29.0) ** 2) + 4.0 / 29.0;
    }
}
