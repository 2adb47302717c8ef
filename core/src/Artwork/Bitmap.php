<?php

declare(strict_types=1);

namespace Wubbin\Core\Artwork;

use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Colour;

/**
 * A picture at working resolution: red, green, blue and alpha of each pixel, a byte each, row by row from the top left.
 *
 * Whoever reads files makes it; everything that is found out about a picture is found out on it.
 */
final readonly class Bitmap
{
    /** Alpha from here on counts as ink (of 255). */
    public const OPAQUE = 128;

    /**
     * @param int<1, max> $width
     * @param int<1, max> $height
     */
    private function __construct(public int $width, public int $height, public string $rgba) {}

    /** @throws BadRecord unless there are four bytes for each of at least one pixel */
    public static function fromRgba(int $width, int $height, string $rgba): self
    {
        if ($width < 1 || $height < 1 || strlen($rgba) !== 4 * $width * $height) {
            throw BadRecord::at('artwork', 'The pixels do not fill the picture.');
        }

        return new self($width, $height, $rgba);
    }

    public function colourAt(int $pixel): Colour
    {
        return Colour::rgb(
            ord($this->rgba[4 * $pixel]),
            ord($this->rgba[4 * $pixel + 1]),
            ord($this->rgba[4 * $pixel + 2]),
        );
    }

    /** What is not transparent. */
    public function opaque(): Mask
    {
        $set = '';
        for ($i = 3, $end = strlen($this->rgba); $i < $end; $i += 4) {
            $set .= ord($this->rgba[$i]) >= self::OPAQUE ? "\1" : "\0";
        }

        return Mask::fromBits($this->width, $this->height, $set);
    }

    /** The same, seen through wherever the mask is not set. */
    public function within(Mask $mask): self
    {
        $rgba = $this->rgba;
        for ($i = 0, $end = $this->width * $this->height; $i < $end; ++$i) {
            if ("\0" === $mask->set[$i]) {
                $rgba[4 * $i + 3] = "\0";
            }
        }

        return new self($this->width, $this->height, $rgba);
    }
}
