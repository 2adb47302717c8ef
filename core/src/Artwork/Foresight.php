<?php

declare(strict_types=1);

namespace Wubbin\Core\Artwork;

use Wubbin\Core\Measure\Colour;
use Wubbin\Core\Measure\Lab;

/**
 * What the eye will see where there is no white ink: the colours of a picture over the colour of the blank, and how
 * much of it is lost.
 *
 * Ink over cloth is computed as a filter in linear light: what the ink lets through of what the cloth gives back. That
 * is the simplest model of clear ink; real inks scatter a little and look a shade lighter.
 */
final readonly class Foresight
{
    /**
     * CIEDE2000 up to which a colour is taken for the one that was meant, side by side on different cloth (assumed).
     */
    private const STAYS = 10.0;

    /** A colour vanishes where it stands out from the cloth by less than this in CIEDE2000 (assumed). */
    private const SEEN_FROM = 15.0;

    /** What stood out on white must still stand out: contrast of graphics, WCAG 2.1, 1.4.11. */
    private const LEGIBLE = 3.0;

    /** Parts under this share are not worth a word. */
    private const WORTH_TELLING = 0.03;

    /**
     * @param list<array{colour: Colour, seen: Colour, share: float, difference: float, fate: Fate}> $parts the most
     *                                                                                                      of the
     *                                                                                                      picture
     *                                                                                                      first
     */
    private function __construct(public array $parts) {}

    public static function forPalette(Palette $palette, Colour $cloth): self
    {
        $parts = [];
        foreach ($palette->colours as [$colour, $share]) {
            $parts[] = self::part($colour, $share, $cloth);
        }

        return new self($parts);
    }

    /** @return array{colour: Colour, seen: Colour, share: float, difference: float, fate: Fate} */
    private static function part(Colour $colour, float $share, Colour $cloth): array
    {
        [$seen, $difference, $fate] = self::fate($colour, $cloth);

        return ['colour' => $colour, 'seen' => $seen, 'share' => $share, 'difference' => $difference, 'fate' => $fate];
    }

    /**
     * @return array{Colour, float,
     *     Fate} what is seen of a colour, how far off that is in CIEDE2000, and what that makes of it
     */
    private static function fate(Colour $colour, Colour $cloth): array
    {
        $white = Colour::rgb(255, 255, 255);
        $seen = self::over($colour, $cloth);
        $difference = Lab::of($colour)->difference(Lab::of($seen));
        $standsOut = $seen->contrastWith($cloth) >= min(self::LEGIBLE, $colour->contrastWith($white));

        return [
            $seen,
            $difference,
            match (true) {
                $difference <= self::STAYS && $standsOut => Fate::Stays,
                !$standsOut && $colour->contrastWith($white) >= self::LEGIBLE,
                Lab::of($seen)->difference(Lab::of($cloth)) < self::SEEN_FROM
                    => Fate::Vanishes,
                default => Fate::Shifts,
            },
        ];
    }

    /**
     * Over a pattern: what becomes of each colour where it fares worst, its share lost only where it lies on that part.
     *
     * @param float $share the part of the cloth that the second colour takes up, 0 to 1
     */
    public static function overPattern(Palette $palette, Colour $first, Colour $second, float $share): self
    {
        $parts = [];
        foreach ($palette->colours as [$colour, $of]) {
            $parts[] = self::part($colour, $of * (1.0 - $share), $first);
            $parts[] = self::part($colour, $of * $share, $second);
        }
        usort($parts, static fn(array $a, array $b): int => $b['share'] <=> $a['share']);

        return new self($parts);
    }

    /**
     * What becomes of each pixel: a byte each, 0 where it stays or is none of the picture, 1 where it shifts, 2 where
     * it vanishes.
     *
     * @param Mask $ink what is not background
     */
    public static function map(Bitmap $bitmap, Mask $ink, Colour $cloth): string
    {
        /** @var array<int, string> $fates by colour, in steps of eight: as fine as CIEDE2000 tells apart here */
        $fates = [];
        $map = '';
        for ($i = 0, $end = strlen($ink->set); $i < $end; ++$i) {
            if ("\0" === $ink->set[$i]) {
                $map .= "\0";
                continue;
            }
            [$r, $g, $b] = [ord($bitmap->rgba[4 * $i]), ord($bitmap->rgba[4 * $i + 1]), ord($bitmap->rgba[4 * $i + 2])];
            $map .= $fates[(($r >> 3) << 10) | (($g >> 3) << 5) | ($b >> 3)] ??= match (
                self::fate(Colour::rgb($r, $g, $b), $cloth)[2]
            ) {
                Fate::Stays => "\0",
                Fate::Shifts => "\1",
                Fate::Vanishes => "\2",
            };
        }

        return $map;
    }

    /** Clear ink over cloth, as a filter in linear light. */
    public static function over(Colour $ink, Colour $cloth): Colour
    {
        [$r, $g, $b] = $ink->linearChannels();
        [$cr, $cg, $cb] = $cloth->linearChannels();

        return Colour::ofLinear($r * $cr, $g * $cg, $b * $cb);
    }

    /** The share of the picture that is no longer seen at all. */
    public function lost(): float
    {
        return $this->shareOf(Fate::Vanishes);
    }

    public function shareOf(Fate $fate): float
    {
        return array_sum(
            array_map(static fn(array $part): float => $part['fate'] === $fate ? $part['share'] : 0.0, $this->parts),
        );
    }

    /** “Green vanishes; red shifts; black stays.”; empty where there is nothing to tell. */
    public function inWords(): string
    {
        $clauses = [];
        foreach ([Fate::Vanishes, Fate::Shifts, Fate::Stays] as $fate) {
            $words = [];
            foreach ($this->parts as $part) {
                if ($part['fate'] === $fate && $part['share'] >= self::WORTH_TELLING) {
                    $words[] = ColourWord::of($part['colour']);
                }
            }
            // A word may stand for several colours; it is said with the fate of most of them.
            $words = array_values(
                array_diff(
                    array_unique($words),
                    ...array_map(static fn(array $said): array => $said, array_column($clauses, 'words')),
                ),
            );
            if ([] !== $words) {
                $clauses[] = ['words' => $words, 'text' => self::listed($words) . ' ' . $fate->verb(count($words) > 1)];
            }
        }

        return [] === $clauses ? '' : ucfirst(implode('; ', array_column($clauses, 'text'))) . '.';
    }

    /** @param non-empty-list<string> $words */
    private static function listed(array $words): string
    {
        $last = array_pop($words);

        return [] === $words ? $last : implode(', ', $words) . ' and ' . $last;
    }
}
