<?php

declare(strict_types=1);

namespace Wubbin\Core\Artwork;

use Wubbin\Core\Measure\Colour;
use Wubbin\Core\Measure\Lab;

/** A plain word for a colour, as people say it. Hue bounds in CIE L*a*b* are assumed. */
final readonly class ColourWord
{
    private const GREY_CHROMA = 12.0;

    /** Warm colours that are neither light nor strong are brown; light ones that are weak are beige. */
    private const BROWN_UNDER = 55.0;
    private const BROWN_CHROMA = 45.0;
    private const BEIGE_CHROMA = 28.0;

    /** Words for hues, by the angle from which they hold, in degrees. */
    private const HUES = [
        0 => 'pink',
        20 => 'red',
        45 => 'orange',
        78 => 'yellow',
        108 => 'green',
        175 => 'turquoise',
        235 => 'blue',
        305 => 'purple',
        335 => 'pink',
    ];

    /** Of colours with one word, those this much off their mean lightness are told light or dark, in L* (assumed). */
    private const APART = 4.0;

    /**
     * A word for each of several colours: “light green” and “dark green” where both are green.
     *
     * @param list<Colour> $colours
     *
     * @return list<string>
     */
    public static function each(array $colours): array
    {
        $words = array_map(self::of(...), $colours);
        $light = array_map(static fn(Colour $colour): float => Lab::of($colour)->l, $colours);
        $told = $words;
        foreach ($words as $i => $word) {
            $same = array_intersect_key(
                $light,
                array_filter($words, static fn(string $other): bool => $other === $word),
            );
            $off = $light[$i] - array_sum($same) / count($same);
            // Black and white are not told lighter or darker.
            if (count($same) > 1 && !in_array($word, ['black', 'white'], true) && abs($off) >= self::APART) {
                $told[$i] = ($off > 0.0 ? 'light ' : 'dark ') . $word;
            }
        }

        return array_values($told);
    }

    public static function of(Colour $colour): string
    {
        $lab = Lab::of($colour);
        if (hypot($lab->a, $lab->b) < self::GREY_CHROMA) {
            return match (true) {
                $lab->l < 25.0 => 'black',
                $lab->l > 92.0 => 'white',
                default => 'grey',
            };
        }
        $angle = fmod(rad2deg(atan2($lab->b, $lab->a)) + 360.0, 360.0);
        $word = 'pink';
        foreach (self::HUES as $from => $name) {
            $word = $angle >= $from ? $name : $word;
        }
        $warm = in_array($word, ['red', 'orange', 'yellow'], true);
        $chroma = hypot($lab->a, $lab->b);

        return match (true) {
            $lab->l < 14.0 => 'black',
            $warm && $lab->l < self::BROWN_UNDER && $chroma < self::BROWN_CHROMA => 'brown',
            $warm && 'red' !== $word && $lab->l >= self::BROWN_UNDER && $chroma < self::BEIGE_CHROMA => 'beige',
            'pink' === $word && $lab->l < 55.0 => 'red',
            default => $word,
        };
    }
}
