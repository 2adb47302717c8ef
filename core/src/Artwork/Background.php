<?php

declare(strict_types=1);

namespace Wubbin\Core\Artwork;

use Wubbin\Core\Measure\Colour;

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

    /** @param Colour|null $colour what was taken for its colour; null where only transparency is, or none */
    private function __construct(public Mask $mask, public ?Colour $colour) {}

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
        $edge = self::edge($bitmap->width, $bitmap->height);
        // Who made a part transparent has told what is background.
        $colour = 1.0 - $opaque->share() > self::PREPARED ? null : self::commonest($bitmap, $edge);
        if (null === $colour) {
            return new self($opaque->inverse(), null);
        }
        $alike = self::alike($bitmap, $lab ?? LabPlanes::of($bitmap), $colour, $tolerance, $opaque);
        $mask = ($islands ? $alike : self::reached($alike, $edge))->inverse()->withoutSpecks(self::SPECK)->inverse();

        // Where nothing would be left, it is the picture itself.
        return 1.0 === $mask->share() ? new self($opaque->inverse(), null) : new self($mask, $colour);
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

    /** @param list<int> $edge */
    private static function commonest(Bitmap $bitmap, array $edge): ?Colour
    {
        $bins = [];
        foreach ($edge as $i) {
            // Eight steps a channel bring noise together.
            $bins[
                (ord($bitmap->rgba[4 * $i]) >> 5) * 64 +
                    (ord($bitmap->rgba[4 * $i + 1]) >> 5) * 8 +
                    (ord($bitmap->rgba[4 * $i + 2]) >> 5)
            ][] = $i;
        }
        usort($bins, static fn(array $a, array $b): int => count($b) <=> count($a));
        if ([] === $bins || count($bins[0]) < self::LEAST_OF_EDGE * count($edge)) {
            return null;
        }
        $sum = [0, 0, 0];
        foreach ($bins[0] as $i) {
            foreach ([0, 1, 2] as $channel) {
                $sum[$channel] += ord($bitmap->rgba[4 * $i + $channel]);
            }
        }
        $mean = static fn(int $channel): int => (int) round($sum[$channel] / count($bins[0]));

        return Colour::rgb($mean(0), $mean(1), $mean(2));
    }

    /** Pixels of about this colour, and transparent ones. */
    private static function alike(Bitmap $bitmap, LabPlanes $lab, Colour $colour, float $tolerance, Mask $opaque): Mask
    {
        $it = LabPlanes::of(
            Bitmap::fromRgba(1, 1, chr($colour->red) . chr($colour->green) . chr($colour->blue) . "\xff"),
        );
        [$l, $a, $b] = [$it->l[0], $it->a[0], $it->b[0]];
        $most = $tolerance * $tolerance;
        $set = '';
        foreach ($lab->l as $i => $light) {
            $near = ($light - $l) ** 2 + ($lab->a[$i] - $a) ** 2 + ($lab->b[$i] - $b) ** 2 <= $most;
            $set .= $near || "\0" === $opaque->set[$i] ? "\1" : "\0";
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
