<?php

declare(strict_types=1);

namespace Wubbin\Artwork;

use Wubbin\Http\Problem;

/**
 * Opens files made of pixels that a person sent.
 *
 * The decoder is named, never guessed, so that a file cannot choose a stranger one; sizes are judged from the header,
 * before anything is unpacked.
 */
final readonly class RasterFile
{
    /** A picture for a 330 × 480 mm sheet at 600 dpi has 88 million pixels. */
    private const MOST_PIXELS = 100_000_000;
    private const LONGEST_SIDE = 30_000;

    /** The decoder for what a file's first bytes say it is; null where they say nothing known. */
    public static function decoderFor(string $head): ?string
    {
        return match (true) {
            str_starts_with($head, "\x89PNG\r\n\x1a\n") => 'png',
            str_starts_with($head, "\xff\xd8\xff") => 'jpeg',
            str_starts_with($head, 'RIFF') && 'WEBP' === substr($head, 8, 4) => 'webp',
            default => null,
        };
    }

    /** @throws Problem when it is damaged or too large */
    public function open(string $path, string $decoder): \Imagick
    {
        $this->refuseTooLarge($path);
        \Imagick::setResourceLimit(\Imagick::RESOURCETYPE_MEMORY, 1 << 30);
        \Imagick::setResourceLimit(\Imagick::RESOURCETYPE_MAP, 1 << 30);
        \Imagick::setResourceLimit(\Imagick::RESOURCETYPE_AREA, self::MOST_PIXELS);
        \Imagick::setResourceLimit(\Imagick::RESOURCETYPE_DISK, 2 << 30);
        \Imagick::setResourceLimit(\Imagick::RESOURCETYPE_THREAD, 2);
        try {
            $image = new \Imagick();
            $image->readImage($decoder.':'.$path.'[0]');

            return $image;
        } catch (\ImagickException) {
            throw self::damaged($decoder);
        }
    }

    public static function damaged(string $decoder): Problem
    {
        return Problem::field('file', sprintf('This %s file is damaged or cut off: it cannot be read to its end. Export or copy it again.', strtoupper($decoder)));
    }

    private function refuseTooLarge(string $path): void
    {
        $size = @getimagesize($path);
        if (false === $size || $size[0] < 1 || $size[1] < 1) {
            throw Problem::field('file', 'This file is damaged: it does not say how large its picture is.');
        }
        if ($size[0] > self::LONGEST_SIDE || $size[1] > self::LONGEST_SIDE || $size[0] * $size[1] > self::MOST_PIXELS) {
            throw Problem::field('file', sprintf(
                'This picture is %s × %s pixels; Wubbin takes up to 100 million pixels and 30 000 a side. Make it smaller: 300 pixels an inch at its final size are plenty.',
                number_format($size[0], 0, '', ' '),
                number_format($size[1], 0, '', ' '),
            ));
        }
    }
}
