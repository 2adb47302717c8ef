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
 *
 * A part is one of its colours, as it is meant and as it is seen, and what that makes of it.
 *
 * @phpstan-type Part array{
 *     colour: Colour, word: string, seen: Colour, share: float, difference: float, fate: Fate
 * }
 */
final readonly class Foresight
{
    /**
     * CIEDE2000 up to which a colour is taken for the one that was meant, side by side on different cloth (assumed).
     */
    private const STAYS = 10.0;

    /** Two areas that lie side by side are told apart from this difference on, in CIEDE2000 (assumed). */
    private const TOLD_APART = 15.0;

    /** A colour that is told apart along less of the line round it than this is not seen (assumed). */
    private const SEEN_ALONG = 0.25;

    /** What stood out on white must still stand out: contrast of graphics, WCAG 2.1, 1.4.11. */
    private const LEGIBLE = 3.0;

    /** Parts under this share are not worth a word. */
    private const WORTH_TELLING = 0.03;

    /** @param list<Part> $parts the most of the picture first */
    private function __construct(public array $parts) {}

    public static function forPalette(Palette $palette, Colour $cloth): self
    {
        return new self(self::parts($palette, $cloth, 1.0, ''));
    }

    /**
     * Over a pattern: what becomes of each colour on either part of it.
     *
     * @param float $share the part of the cloth that the second colour takes up, 0 to 1
     */
    public static function overPattern(Palette $palette, Colour $first, Colour $second, float $share): self
    {
        [$one, $two] = ColourWord::each([$first, $second]);
        $parts = [
            ...self::parts($palette, $first, 1.0 - $share, ' on ' . $one),
            ...self::parts($palette, $second, $share, ' on ' . $two),
        ];
        usort($parts, static fn(array $a, array $b): int => $b['share'] <=> $a['share']);

        return new self($parts);
    }

    /** @return list<Part> */
    private static function parts(Palette $palette, Colour $cloth, float $share, string $where): array
    {
        // The few pixels between two areas are no reason to tell a dark red from a light one.
        $told = array_filter($palette->colours, static fn(array $one): bool => $one[1] >= self::WORTH_TELLING);
        $words = array_combine(array_keys($told), ColourWord::each(array_column($told, 0)));
        $seen = array_map(static fn(array $one): Colour => self::over($one[0], $cloth), $palette->colours);
        $parts = [];
        foreach ($palette->colours as $i => [$colour, $of]) {
            $difference = Lab::of($colour)->difference(Lab::of($seen[$i]));
            $parts[] = [
                'colour' => $colour,
                'word' => ($words[$i] ?? ColourWord::of($colour)) . $where,
                'seen' => $seen[$i],
                'share' => $of * $share,
                'difference' => $difference,
                'fate' => self::fate($colour, $difference, $seen, $i, $palette->borders[$i] ?? [], $cloth),
            ];
        }

        return $parts;
    }

    /**
     * A colour vanishes when nobody can see it any more: it looks like the cloth, and hardly any of the line round it
     * is left to be seen. Of white letters on red that become as yellow as the cloth, the line is. White on white was
     * never seen, and is not lost.
     *
     * @param list<Colour> $seen what is seen of all colours
     * @param list<float> $along how much of the line round this one runs along each of the others, and along the cloth
     */
    private static function fate(
        Colour $colour,
        float $difference,
        array $seen,
        int $i,
        array $along,
        Colour $cloth,
    ): Fate {
        $lab = Lab::of($seen[$i]);
        $offCloth = $lab->difference(Lab::of($cloth)) >= self::TOLD_APART;
        $known = array_sum($along) > 0.0;
        $told = 0.0;
        foreach ($known ? array_slice($along, 0, count($seen)) : [] as $k => $share) {
            $told += $lab->difference(Lab::of($seen[$k])) >= self::TOLD_APART ? $share : 0.0;
        }
        $white = Colour::rgb(255, 255, 255);
        $meant = $difference > self::STAYS || Lab::of($colour)->difference(Lab::of($white)) >= self::TOLD_APART;
        if ($meant && !$offCloth && $told < self::SEEN_ALONG) {
            return Fate::Vanishes;
        }
        // Where it lies within other colours, it need not stand out from the cloth.
        $alongCloth = $known ? (float) end($along) : 1.0;
        $standsOut =
            $alongCloth < self::SEEN_ALONG ||
            $seen[$i]->contrastWith($cloth) >= min(self::LEGIBLE, $colour->contrastWith($white));

        return $difference <= self::STAYS && $standsOut ? Fate::Stays : Fate::Shifts;
    }

    /**
     * What becomes of each pixel: a byte each, 0 where it stays or is none of the picture, 1 where it shifts, 2 where
     * it vanishes.
     *
     * @param string $labels which colour of the palette each pixel is of: {@see Palette::labels()}
     */
    public static function map(Palette $palette, string $labels, Colour $cloth): string
    {
        $fates = str_repeat("\0", 256);
        foreach (self::parts($palette, $cloth, 1.0, '') as $i => $part) {
            $fates[$i] = match ($part['fate']) {
                Fate::Stays => "\0",
                Fate::Shifts => "\1",
                Fate::Vanishes => "\2",
            };
        }

        return Bytes::mapped($labels, $fates);
    }

    /** Clear ink over cloth, as a filter in linear light. */
    public static function over(Colour $ink, Colour $cloth): Colour
    {
        [$r, $g, $b] = $ink->linearChannels();
        [$cr, $cg, $cb] = $cloth->linearChannels();

        return Colour::ofLinear($r * $cr, $g * $cg, $b * $cb);
    }

    /**
     * Each word once: what has one word and one fate is told as one colour, the most of it.
     *
     * @return list<Part>
     */
    public function byWord(): array
    {
        $told = [];
        foreach ($this->parts as $part) {
            $key = $part['word'] . ' ' . $part['fate']->value;
            $told[$key] = ['share' => ($told[$key]['share'] ?? 0.0) + $part['share']] + ($told[$key] ?? $part);
        }
        usort($told, static fn(array $a, array $b): int => $b['share'] <=> $a['share']);

        return $told;
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
                    $words[] = $part['word'];
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
