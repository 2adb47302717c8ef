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

    /** Shares of fewer colours than this make a flat drawing; a photograph has many (assumed). */
    private const FLAT_COLOURS = 6;
    private const FLAT_SHARE = 0.85;

    /** Channels that differ by less, of 255, look grey (assumed). */
    private const GREY = 24;

    /** Less of the ink than this is not worth a word (assumed). */
    private const WORTH_A_WORD = 0.02;

    /** @param list<array{Colour, float}> $colours with shares that add up to at most 1 */
    private function __construct(public array $colours) {}

    /** @param list<array{Colour, float}> $colours */
    public static function ofColours(array $colours): self
    {
        return new self($colours);
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

        return new self(self::gathered($bins, $ink->count()));
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

    /** A drawing of few colours, whose lines can be measured; not a photograph. */
    public function isFlat(): bool
    {
        return array_sum(
            array_map(static fn(array $one): float => $one[1], array_slice($this->colours, 0, self::FLAT_COLOURS)),
        ) >= self::FLAT_SHARE;
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
