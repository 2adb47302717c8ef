<?php

declare(strict_types=1);

namespace Wubbin\Core\Artwork;

/**
 * Whether a picture is a photograph or a drawing. In a drawing most pixels are like their neighbours, or quite
 * different; in a photograph nearly all of them differ a little.
 */
final readonly class Nature
{
    /** Channels that differ by no more than this, of 255, are alike; by more than that there is an edge (assumed). */
    private const ALIKE = 1;
    private const EDGE = 12;

    /** Neighbours so many pixels off: an edge that is a little soft is an edge. */
    private const NEAR = 2;

    /** Alike in so many places it is a drawing; in fewer than these it is none, unless it is all edges (assumed). */
    private const DRAWN_FROM = 0.35;
    private const DRAWN_NOT_UNDER = 0.2;

    /** So few changes are soft where there are edges everywhere: a text, a hatching (assumed). */
    private const HARDLY_SOFT = 0.25;

    /** And those have no more colours than this, in steps of eight a channel (assumed). */
    private const COLOURS_OF_LINES = 48;

    /** Pixels that are wholly printed, as their neighbours are. */
    private const OPAQUE = 250;

    /** @param Mask $ink what is not background */
    public static function isPhotograph(Bitmap $bitmap, Mask $ink): bool
    {
        $counted = $alike = $soft = 0;
        $colours = [];
        [$w, $rows] = [$bitmap->width, $bitmap->height - self::NEAR];
        for ($y = 0; $y < $rows; ++$y) {
            for ($x = 0, $i = $y * $w; $x < $w - self::NEAR; ++$x, ++$i) {
                [$right, $down] = [$i + self::NEAR, $i + self::NEAR * $w];
                if ("\0" === $ink->set[$i] || "\0" === $ink->set[$right] || "\0" === $ink->set[$down]) {
                    continue;
                }
                [$here, $beside, $below] = [
                    substr($bitmap->rgba, 4 * $i, 4),
                    substr($bitmap->rgba, 4 * $right, 4),
                    substr($bitmap->rgba, 4 * $down, 4),
                ];
                if (min(ord($here[3]), ord($beside[3]), ord($below[3])) < self::OPAQUE) {
                    continue;
                }
                ++$counted;
                $change =
                    $here === $beside && $here === $below
                        ? 0
                        : max(self::apart($here, $beside), self::apart($here, $below));
                if ($change <= self::ALIKE) {
                    ++$alike;
                } elseif ($change <= self::EDGE) {
                    ++$soft;
                }
                $colours[$here & "\xf8\xf8\xf8"] = true;
            }
        }

        return self::told($counted, $alike, $soft, count($colours));
    }

    private static function told(int $counted, int $alike, int $soft, int $colours): bool
    {
        $alikeShare = $alike / max(1, $counted);

        return match (true) {
            0 === $counted, $alikeShare >= self::DRAWN_FROM => false,
            $alikeShare < self::DRAWN_NOT_UNDER => $soft / $counted >= self::HARDLY_SOFT ||
                $colours > self::COLOURS_OF_LINES,
            default => $soft > $alike,
        };
    }

    private static function apart(string $one, string $other): int
    {
        return max(
            abs(ord($one[0]) - ord($other[0])),
            abs(ord($one[1]) - ord($other[1])),
            abs(ord($one[2]) - ord($other[2])),
        );
    }
}
