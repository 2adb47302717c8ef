<?php

declare(strict_types=1);

namespace Wubbin\Artwork;

use Wubbin\Refusal\Exhausted;
use Wubbin\Refusal\InvalidInput;
use Wubbin\Refusal\Refusal;

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

    /** In bytes. */
    private const MEMORY = 1 << 30;

    /** Four channels of sixteen bits: what ImageMagick 6 holds of each, whatever the file has. */
    private const BYTES_A_PIXEL = 8;

    /** The decoder for what a file's first bytes say it is; null where they say nothing known. */
    public static function decoderFor(string $head): ?string
    {
        return match (true) {
            str_starts_with($head, "\x89PNG\r\n\x1a\n") => 'png',
            str_starts_with($head, "\xff\xd8\xff") => 'jpeg',
            str_starts_with($head, 'GIF87a'), str_starts_with($head, 'GIF89a') => 'gif',
            str_starts_with($head, 'RIFF') && 'WEBP' === substr($head, 8, 4) => 'webp',
            // Pictures of phones: ISO/IEC 23008-12, the brands that hold one in HEVC.
            'ftyp' === substr($head, 4, 4) &&
                in_array(substr($head, 8, 4), ['heic', 'heix', 'heim', 'heis', 'mif1', 'msf1'], true)
                => 'heic',
            // AV1 Image File Format 1.1: a still picture, or the first of a sequence.
            'ftyp' === substr($head, 4, 4) && in_array(substr($head, 8, 4), ['avif', 'avis'], true) => 'avif',
            str_starts_with($head, "II*\0"), str_starts_with($head, "MM\0*") => 'tiff',
            str_starts_with($head, 'BM') && "\0\0\0\0" === substr($head, 6, 4) => 'bmp',
            default => null,
        };
    }

    /** @throws Refusal when it is damaged or too large */
    public function open(string $path, string $decoder): \Imagick
    {
        $this->refuseTooLarge(
            in_array($decoder, ['heic', 'avif'], true) ? self::pinged($decoder, $path) : @getimagesize($path),
        );
        \Imagick::setResourceLimit(\Imagick::RESOURCETYPE_MEMORY, self::MEMORY);
        \Imagick::setResourceLimit(\Imagick::RESOURCETYPE_MAP, self::MEMORY);
        \Imagick::setResourceLimit(\Imagick::RESOURCETYPE_AREA, self::MOST_PIXELS);
        \Imagick::setResourceLimit(\Imagick::RESOURCETYPE_DISK, 2 << 30);
        \Imagick::setResourceLimit(\Imagick::RESOURCETYPE_THREAD, 2);
        try {
            $image = new \Imagick();
            $image->readImage($decoder . ':' . $path . '[0]');

            return $image;
        } catch (\ImagickException $e) {
            throw self::failed($e, $decoder);
        }
    }

    /** What it means that a picture could not be unpacked, or what was made of it could not be held. */
    public static function failed(\ImagickException $thrown, string $decoder): Refusal
    {
        return 1 === preg_match('/resources? exhausted|memory allocation failed|cache/i', $thrown->getMessage())
            ? Exhausted::memory()
            : self::damaged($decoder);
    }

    public static function damaged(string $decoder): InvalidInput
    {
        return InvalidInput::field(
            'file',
            sprintf('This %s file is damaged or not complete. Export or copy it again.', strtoupper($decoder)),
        );
    }

    /** Whether one of this size is taken at all. */
    public static function takes(int $width, int $height): bool
    {
        return max($width, $height) <= self::longestSide() && $width * $height <= self::mostPixels();
    }

    /**
     * As many as are held at once: the picture itself in what this machine's own policy gives of memory or of files
     * that stand for it; what is turned or looked through beside it goes to the disk.
     */
    public static function mostPixels(): int
    {
        $held = max(
            min(self::MEMORY, \Imagick::getResourceLimit(\Imagick::RESOURCETYPE_MEMORY)),
            min(self::MEMORY, \Imagick::getResourceLimit(\Imagick::RESOURCETYPE_MAP)),
        );

        return (int) min(self::MOST_PIXELS, floor($held / self::BYTES_A_PIXEL));
    }

    /** What this machine's own policy for pictures lets through, if that is less. */
    private static function longestSide(): int
    {
        // Limits come as floats.
        return (int) floor(
            min(
                self::LONGEST_SIDE,
                \Imagick::getResourceLimit(\Imagick::RESOURCETYPE_WIDTH),
                \Imagick::getResourceLimit(\Imagick::RESOURCETYPE_HEIGHT),
            ),
        );
    }

    /** @return array{int, int}|false */
    private static function pinged(string $decoder, string $path): array|false
    {
        try {
            $image = new \Imagick();
            $image->pingImage($decoder . ':' . $path . '[0]');

            return [$image->getImageWidth(), $image->getImageHeight()];
        } catch (\ImagickException) {
            return false;
        }
    }

    /**
     * @param array<int|string, int|string>|false $size width and height first; false where the file does not tell it
     */
    private function refuseTooLarge(array|false $size): void
    {
        [$width, $height] = false === $size ? [0, 0] : [(int) $size[0], (int) $size[1]];
        $longest = self::longestSide();
        if ($width < 1 || $height < 1) {
            throw InvalidInput::field('file', 'This file is damaged. It does not say how large its picture is.');
        }
        if (!self::takes($width, $height)) {
            throw InvalidInput::field(
                'file',
                sprintf(
                    'This picture is %s × %s pixels. Wubbin takes up to %d million pixels here, and %s a side. Make ' .
                        'it smaller: 300 pixels an inch at its final size are plenty.',
                    number_format($width, 0, '', ' '),
                    number_format($height, 0, '', ' '),
                    intdiv(self::mostPixels(), 1_000_000),
                    number_format($longest, 0, '', ' '),
                ),
            );
        }
    }
}
