<?php

declare(strict_types=1);

namespace Wubbin\Core\Artwork;

use Wubbin\Core\Measure\Colour;

/** How much each pixel of a picture stands out from what is round it: a byte each, 0 where nothing is seen of it. */
final readonly class InkPlane
{
    /**
     * @param int<1, max> $width
     * @param int<1, max> $height
     */
    private function __construct(public int $width, public int $height, public string $bytes) {}

    /**
     * By the channel in which it differs most, and only as much of it as is not transparent.
     *
     * @param Colour $ground what a pixel that is not seen looks like: the paper, or a background of one colour
     */
    public static function fromBitmap(Bitmap $bitmap, Colour $ground): self
    {
        [$r, $g, $b] = [$ground->red, $ground->green, $ground->blue];
        $known = [];
        $bytes = '';
        foreach (str_split($bitmap->rgba, 4) as $pixel) {
            // Drawings have few colours, so most pixels are known already.
            $bytes .= $known[$pixel] ??= chr(
                intdiv(
                    max(abs(ord($pixel[0]) - $r), abs(ord($pixel[1]) - $g), abs(ord($pixel[2]) - $b)) * ord($pixel[3]),
                    255,
                ),
            );
        }

        return new self($bitmap->width, $bitmap->height, $bytes);
    }

    /** The most that any pixel stands out. */
    public function most(): int
    {
        return max(0, ...array_keys(count_chars($this->bytes, 1)));
    }
}
