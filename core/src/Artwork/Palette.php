<?php

declare(strict_types=1);

namespace Wubbin\Core\Artwork;

use Wubbin\Core\Measure\Colour;
use Wubbin\Core\Measure\Lab;

/** The colours that a picture is made of, the most of it first, each with its share of the ink. */
final readonly class Palette
{
    /** Colours nearer than this in CIE L*a*b* are told as one (assumed). */
    private const APART = 14.0;
    private const MOST = 12;

    /** A part under this share does not make a picture's contrast. */
    private const WORTH_COUNTING = 0.03;

    /** Channels that differ by less, of 255, look grey (assumed). */
    private const GREY = 24;

    /** Less of the ink than this is not worth a word (assumed). */
    private const WORTH_A_WORD = 0.02;

    /** What two areas differ by is looked for this many pixels apart, beyond what lies between them softly. */
    private const BEYOND_AN_EDGE = 3;

    /**
     * Borders tell for each colour how much of the line round it runs along each of the others, and last along what is
     * not of the picture. They add up to 1, or are empty where nobody has looked.
     *
     * @param list<array{Colour, float}> $colours with shares that add up to at most 1
     * @param list<list<float>> $borders
     */
    private function __construct(public array $colours, public array $borders) {}

    /**
     * @param list<array{Colour, float}> $colours
     * @param list<list<float>> $borders
     */
    public static function ofColours(array $colours, array $borders = []): self
    {
        return new self($colours, $borders);
    }

    public static function fromBitmap(Bitmap $bitmap, Mask $ink): self
    {
        $bins = [];
        for ($i = 0, $end = strlen($ink->set); $i < $end; ++$i) {
            if ("\1" === $ink->set[$i]) {
                $at = 4 * $i;
                [$r, $g, $b] = [ord($bitmap->rgba[$at]), ord($bitmap->rgba[$at + 1]), ord($bitmap->rgba[$at + 2])];
                // Sixteen steps a channel: finer than what is told apart later.
                $key = ($r >> 4) * 256 + ($g >> 4) * 16 + ($b >> 4);
                $bin = $bins[$key] ?? [0, 0, 0, 0];
                $bins[$key] = [$bin[0] + 1, $bin[1] + $r, $bin[2] + $g, $bin[3] + $b];
            }
        }
        usort($bins, static fn(array $a, array $b): int => $b[0] <=> $a[0]);
        $colours = self::gathered($bins, $ink->count());

        return new self($colours, self::bordersOf(self::labelled($bitmap, $ink, $colours), $bitmap->width, $colours));
    }

    /**
     * Which of its colours each pixel is of: a byte with the colour's place in the list, 255 where it is not of the
     * picture.
     */
    public function labels(Bitmap $bitmap, Mask $ink): string
    {
        return self::labelled($bitmap, $ink, $this->colours);
    }

    /** @param list<array{Colour, float}> $colours */
    private static function labelled(Bitmap $bitmap, Mask $ink, array $colours): string
    {
        $labs = array_map(static fn(array $one): Lab => Lab::of($one[0]), $colours);
        $known = [];
        $labels = '';
        for ($i = 0, $end = strlen($ink->set); $i < $end; ++$i) {
            if ("\0" === $ink->set[$i]) {
                $labels .= "\xff";
                continue;
            }
            [$r, $g, $b] = [ord($bitmap->rgba[4 * $i]), ord($bitmap->rgba[4 * $i + 1]), ord($bitmap->rgba[4 * $i + 2])];
            $labels .= $known[($r >> 3) * 1024 + ($g >> 3) * 32 + ($b >> 3)] ??= chr(
                self::nearest(Lab::of(Colour::rgb($r, $g, $b)), $labs),
            );
        }

        return $labels;
    }

    /** @param list<Lab> $labs */
    private static function nearest(Lab $lab, array $labs): int
    {
        $nearest = 0;
        $least = \INF;
        foreach ($labs as $k => $other) {
            $distance = $lab->distance($other);
            [$nearest, $least] = $distance < $least ? [$k, $distance] : [$nearest, $least];
        }

        return $nearest;
    }

    /**
     * @param list<array{Colour, float}> $colours
     *
     * @return list<list<float>>
     */
    private static function bordersOf(string $labels, int $width, array $colours): array
    {
        $pairs = [];
        foreach ([self::BEYOND_AN_EDGE, self::BEYOND_AN_EDGE * $width] as $step) {
            for ($i = 0, $end = strlen($labels) - $step; $i < $end; ++$i) {
                if ($labels[$i] !== $labels[$i + $step] && ($step >= $width || $i % $width < $width - $step)) {
                    $pair = $labels[$i] . $labels[$i + $step];
                    $pairs[$pair] = ($pairs[$pair] ?? 0) + 1;
                }
            }
        }
        $n = count($colours);
        $lengths = array_fill(0, $n, array_fill(0, $n + 1, 0));
        foreach ($pairs as $pair => $count) {
            foreach ([[ord($pair[0]), ord($pair[1])], [ord($pair[1]), ord($pair[0])]] as [$of, $along]) {
                if ($of < $n) {
                    $lengths[$of][min($along, $n)] += $count;
                }
            }
        }

        return array_map(static function (array $along): array {
            $all = array_sum($along);

            return array_values(
                array_map(static fn(int $length): float => 0 === $all ? 0.0 : round($length / $all, 3), $along),
            );
        }, $lengths);
    }

    /** Whether a part of it that is worth a word is neither black, white nor grey. */
    public function isColoured(): bool
    {
        $share = 0.0;
        foreach ($this->colours as [$colour, $of]) {
            $channels = [$colour->red, $colour->green, $colour->blue];
            $share += max($channels) - min($channels) > self::GREY ? $of : 0.0;
        }

        return $share > self::WORTH_A_WORD;
    }

    /**
     * How much ink it takes, where a solid of one ink is 1: cyan, magenta and yellow, with what is grey in all three
     * laid on as black (full grey component replacement, as textbooks of colour reproduction have it; from memory). A
     * printer without colour lays on black alone, by how dark each colour is.
     */
    public function coverage(bool $inColour): float
    {
        $ink = 0.0;
        foreach ($this->colours as [$colour, $share]) {
            $inks = [1.0 - $colour->red / 255.0, 1.0 - $colour->green / 255.0, 1.0 - $colour->blue / 255.0];
            $ink += $share * ($inColour ? array_sum($inks) - 2.0 * min($inks) : 1.0 - $colour->lightness() / 100.0);
        }

        return $ink;
    }

    /** The contrast between its lightest and its darkest part, the paper counted in, as WCAG has it: 1 to 21. */
    public function contrast(): float
    {
        $parts = array_filter($this->colours, static fn(array $one): bool => $one[1] >= self::WORTH_COUNTING);
        $light = array_map(static fn(array $one): float => $one[0]->luminance(), array_values($parts));

        return 1.05 / (min([1.0, ...$light]) + 0.05);
    }

    /**
     * Bins gathered round the commonest of them: each goes to the nearest colour there is, or begins one.
     *
     * @param list<array{int, int, int, int}> $bins count and sums of red, green and blue, the fullest first
     *
     * @return list<array{Colour, float}>
     */
    private static function gathered(array $bins, int $all): array
    {
        /** @var list<array{Lab, int, array{int, int, int}}> $groups */
        $groups = [];
        foreach ($bins as [$count, $red, $green, $blue]) {
            $lab = Lab::of(Colour::rgb(intdiv($red, $count), intdiv($green, $count), intdiv($blue, $count)));
            $nearest = null;
            $least = \INF;
            foreach ($groups as $k => [$centre]) {
                $distance = $lab->distance($centre);
                if ($distance < $least) {
                    [$nearest, $least] = [$k, $distance];
                }
            }
            if (null !== $nearest && ($least < self::APART || count($groups) >= self::MOST)) {
                [$centre, $counted, [$r, $g, $b]] = $groups[$nearest];
                if ($least < 2.0 * self::APART) {
                    $groups[$nearest] = [$centre, $counted + $count, [$r + $red, $g + $green, $b + $blue]];
                }
            } else {
                $groups[] = [$lab, $count, [$red, $green, $blue]];
            }
        }
        usort($groups, static fn(array $a, array $b): int => $b[1] <=> $a[1]);

        return array_map(
            static fn(array $group): array => [
                Colour::rgb(
                    intdiv($group[2][0], $group[1]),
                    intdiv($group[2][1], $group[1]),
                    intdiv($group[2][2], $group[1]),
                ),
                $group[1] / $all,
            ],
            $groups,
        );
    }
}
