<?php

declare(strict_types=1);

namespace Wubbin\Core\Artwork;

use Wubbin\Core\Measure\Colour;
use Wubbin\Core\Measure\Lab;

/**
 * What of a picture is background: what looks like its edge, from the edge inwards; and what is transparent anyway.
 */
final readonly class Background
{
    /** A distance in CIE L*a*b* up to which a colour is still that of the background; adjustable (assumed). */
    public const TOLERANCE = 12.0;

    /** A picture with more transparency than this share has been given a clear background by its maker (assumed). */
    private const PREPARED = 0.02;

    /** Under this share of the edge in one colour the picture has no background but goes on beyond it (assumed). */
    private const LEAST_OF_EDGE = 0.3;

    /** What stands alone in the background with fewer pixels is noise in it; the dot of an i has more (assumed). */
    private const SPECK = 4;

    /** Two colours of a painted checkerboard: light, without colour, and this far apart at least in L* (assumed). */
    private const SQUARES_LIGHT = 55.0;
    private const SQUARES_CHROMA = 8.0;
    private const SQUARES_APART = 3.0;

    /** Each of the two takes up at least so much of the edge, and both of them so much (assumed). */
    private const SQUARES_EACH = 0.25;
    private const SQUARES_BOTH = 0.9;

    /**
     * @param list<Colour> $colours what was taken for its colours; empty where only transparency is, or none
     * @param bool $isPrepared its maker made a part of the picture transparent
     */
    private function __construct(public Mask $mask, public array $colours, public bool $isPrepared) {}

    /**
     * @param float $tolerance 0 to 100, as a distance in CIE L*a*b*
     * @param bool $islands patches of the same colour that are enclosed by the picture belong to it too
     */
    public static function fromBitmap(
        Bitmap $bitmap,
        float $tolerance = self::TOLERANCE,
        bool $islands = false,
        ?LabPlanes $lab = null,
    ): self {
        $opaque = $bitmap->opaque();
        // Who made a part transparent has told what is background.
        $prepared = 1.0 - $opaque->share() > self::PREPARED;
        $colours = $prepared ? [] : self::coloursOf($bitmap, self::edge($bitmap->width, $bitmap->height));

        return [] === $colours
            ? new self($opaque->inverse(), [], $prepared)
            : self::ofColours($bitmap, $colours, $tolerance, $islands, $lab ?? LabPlanes::of($bitmap));
    }

    /**
     * What is of these colours, from the edge inwards.
     *
     * @param list<Colour> $colours
     */
    public static function ofColours(
        Bitmap $bitmap,
        array $colours,
        float $tolerance,
        bool $islands,
        LabPlanes $lab,
    ): self {
        $opaque = $bitmap->opaque();
        $alike = self::alike($bitmap, $lab, $colours, $tolerance, $opaque);
        $mask = ($islands ? $alike : self::reached($alike, self::edge($bitmap->width, $bitmap->height)))
            ->inverse()
            ->withoutSpecks(self::SPECK)
            ->inverse();

        // Where nothing would be left, it is the picture itself.
        return 1.0 === $mask->share() ? new self($opaque->inverse(), [], false) : new self($mask, $colours, false);
    }

    /** @return list<int> the pixels along the four sides */
    private static function edge(int $width, int $height): array
    {
        $last = $width * ($height - 1);
        $edge = [...range(0, $width - 1), ...range($last, $last + $width - 1)];
        for ($y = 1; $y < $height - 1; ++$y) {
            $edge[] = $y * $width;
            $edge[] = $y * $width + $width - 1;
        }

        return $edge;
    }

    /**
     * The commonest colour of the edge, and that of the other squares where it is a checkerboard.
     *
     * @param list<int> $edge
     *
     * @return list<Colour>
     */
    private static function coloursOf(Bitmap $bitmap, array $edge): array
    {
        $bins = [];
        foreach ($edge as $i) {
            // Sixteen steps a channel bring noise together.
            $bins[
                (ord($bitmap->rgba[4 * $i]) >> 4) * 256 +
                    (ord($bitmap->rgba[4 * $i + 1]) >> 4) * 16 +
                    (ord($bitmap->rgba[4 * $i + 2]) >> 4)
            ][] = $i;
        }
        usort($bins, static fn(array $a, array $b): int => count($b) <=> count($a));
        $first = self::meanOf($bitmap, $bins[0] ?? []);
        $near = array_values(
            array_filter(
                $edge,
                static fn(int $i): bool => Lab::of($bitmap->colourAt($i))->distance(Lab::of($first)) <=
                    self::TOLERANCE / 2.0,
            ),
        );
        $colours = count($near) < self::LEAST_OF_EDGE * count($edge) ? [] : [self::meanOf($bitmap, $near)];

        return self::squares($bitmap, $edge, $bins) ?? $colours;
    }

    /**
     * The two colours of a painted checkerboard along the edge; null where there is none.
     *
     * @param list<int> $edge
     * @param list<non-empty-list<int>> $bins pixels of the edge by colour, the commonest first
     *
     * @return list<Colour>|null
     */
    private static function squares(Bitmap $bitmap, array $edge, array $bins): ?array
    {
        $first = self::meanOf($bitmap, $bins[0] ?? []);
        foreach (array_slice($bins, 1, 3) as $bin) {
            $second = self::meanOf($bitmap, $bin);
            [$one, $two] = [Lab::of($first), Lab::of($second)];
            if (
                min($one->l, $two->l) < self::SQUARES_LIGHT ||
                max(hypot($one->a, $one->b), hypot($two->a, $two->b)) > self::SQUARES_CHROMA ||
                abs($one->l - $two->l) < self::SQUARES_APART
            ) {
                continue;
            }
            $near = [0, 0];
            foreach ($edge as $i) {
                $lab = Lab::of($bitmap->colourAt($i));
                [$to, $other] = [$lab->distance($one), $lab->distance($two)];
                if (min($to, $other) <= abs($one->l - $two->l) / 2.0) {
                    ++$near[$to <= $other ? 0 : 1];
                }
            }
            if (
                min($near) >= self::SQUARES_EACH * count($edge) &&
                array_sum($near) >= self::SQUARES_BOTH * count($edge) &&
                self::alternates($bitmap, $one, $two)
            ) {
                return [$first, $second];
            }
        }

        return null;
    }

    /** Along the top and down the left the two take turns, in steps that are about alike. */
    private static function alternates(Bitmap $bitmap, Lab $one, Lab $two): bool
    {
        foreach ([[$bitmap->width, 1], [$bitmap->height, $bitmap->width]] as [$length, $step]) {
            $runs = [];
            $last = null;
            for ($k = 0, $i = 0; $k < $length; ++$k, $i += $step) {
                $lab = Lab::of($bitmap->colourAt($i));
                $is = $lab->distance($one) <= $lab->distance($two);
                if ($is === $last) {
                    ++$runs[count($runs) - 1];
                } else {
                    $runs[] = 1;
                    $last = $is;
                }
            }
            // The first and the last square may be cut off.
            $inner = array_slice($runs, 1, -1);
            sort($inner);
            $middle = $inner[intdiv(count($inner), 2)] ?? 0;
            $alike = array_filter($inner, static fn(int $run): bool => abs($run - $middle) <= 1 + $middle / 4.0);
            if (count($inner) < 4 || count($alike) < 0.8 * count($inner)) {
                return false;
            }
        }

        return true;
    }

    /** @param list<int> $pixels */
    private static function meanOf(Bitmap $bitmap, array $pixels): Colour
    {
        $sum = [0, 0, 0];
        foreach ($pixels as $i) {
            foreach ([0, 1, 2] as $channel) {
                $sum[$channel] += ord($bitmap->rgba[4 * $i + $channel]);
            }
        }
        $mean = static fn(int $channel): int => (int) round($sum[$channel] / max(1, count($pixels)));

        return Colour::rgb($mean(0), $mean(1), $mean(2));
    }

    /**
     * Pixels of about one of these colours, and transparent ones.
     *
     * @param list<Colour> $colours
     */
    private static function alike(Bitmap $bitmap, LabPlanes $lab, array $colours, float $tolerance, Mask $opaque): Mask
    {
        $points = array_map(Lab::of(...), $colours);
        // Between two squares the pixels are of a colour between theirs.
        if (2 === count($colours)) {
            $points[] = Lab::between($points[0], $points[1]);
        }
        $most = $tolerance * $tolerance;
        $set = strtr($opaque->set, "\0\1", "\1\0");
        foreach ($points as $point) {
            foreach ($lab->l as $i => $light) {
                if (
                    "\0" === $set[$i] &&
                    ($light - $point->l) ** 2 + ($lab->a[$i] - $point->a) ** 2 + ($lab->b[$i] - $point->b) ** 2 <= $most
                ) {
                    $set[$i] = "\1";
                }
            }
        }

        return Mask::fromBits($bitmap->width, $bitmap->height, $set);
    }

    /**
     * The pixels of a mask that are joined to some of these, side by side.
     *
     * @param list<int> $from
     */
    private static function reached(Mask $mask, array $from): Mask
    {
        $w = $mask->width;
        $size = strlen($mask->set);
        // 1: of the mask; 2: reached.
        $state = $mask->set;
        $next = [];
        foreach ($from as $i) {
            if ("\1" === $state[$i]) {
                $state[$i] = "\2";
                $next[] = $i;
            }
        }
        while (null !== ($i = array_pop($next))) {
            $x = $i % $w;
            foreach ([$i - $w, $i + $w, 0 === $x ? -1 : $i - 1, $w - 1 === $x ? -1 : $i + 1] as $j) {
                if ($j >= 0 && $j < $size && "\1" === $state[$j]) {
                    $state[$j] = "\2";
                    $next[] = $j;
                }
            }
        }

        return Mask::fromBits($w, $mask->height, strtr($state, "\1\2", "\0\1"));
    }
}
