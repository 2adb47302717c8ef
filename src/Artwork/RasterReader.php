<?php

declare(strict_types=1);

namespace Wubbin\Artwork;

use Wubbin\Core\Artwork\PictureKind;
use Wubbin\Refusal\Exhausted;
use Wubbin\Refusal\InvalidInput;
use Wubbin\Refusal\Refusal;
use Wubbin\Task\Progress;

/**
 * Reads pictures made of pixels: turned upright, in sRGB, cut to what is visible.
 */
final readonly class RasterReader
{
    private const PREVIEW_PIXELS = 1400;
    public const SRGB_PROFILE = '/usr/share/color/icc/sRGB.icc';

    public function __construct(private RasterFile $file) {}

    /** @throws Refusal */
    public function read(string $path, string $decoder, string $into, Progress $progress): ReadPicture
    {
        try {
            return $this->convert($path, $decoder, $into, $progress);
        } catch (\ImagickException) {
            // It was unpacked: what is made of it does not fit beside it.
            throw Exhausted::memory();
        }
    }

    /** @throws \ImagickException */
    private function convert(string $path, string $decoder, string $into, Progress $progress): ReadPicture
    {
        $progress->at(0.05, 'Reading the file');
        if ('jpeg' === $decoder && !JpegEnd::isThere((string) file_get_contents($path))) {
            throw RasterFile::damaged($decoder);
        }
        $image = $this->file->open($path, $decoder);
        $progress->at(0.3, 'Turning it upright, its colours to sRGB');
        $untouched = $this->isPlain($image, $path, $decoder);
        $this->upright($image, $decoder);
        $whole = [$image->getImageWidth(), $image->getImageHeight()];
        $visible = $this->cutToVisible($image);
        $progress->at(0.45, 'Making it small to look at');
        $this->writePreview($image, $into);
        if (null !== $visible) {
            PixelCoverage::write($image, $into . '/' . ReadPicture::COVERAGE);
        }
        $progress->at(0.55, 'Preparing it for printing');
        $form = 'jpeg' === $decoder ? 'print.jpg' : 'print.png';
        if ($untouched) {
            copy($path, $into . '/' . $form);
        } else {
            $this->writeForm($image, $into . '/' . $form);
        }
        [$x, $y, $width, $height] = $visible ?? [0, 0, ...$whole];

        return new ReadPicture(
            PictureKind::Raster,
            $width,
            $height,
            null !== $visible,
            [
                'x' => $x / $whole[0],
                'y' => $y / $whole[1],
                'width' => $width / $whole[0],
                'height' => $height / $whole[1],
            ],
            $form,
            false,
            self::note($decoder, $path),
        );
    }

    /**
     * A picture in full, upright, in sRGB and cut to what is visible; what is clear in it is still clear.
     *
     * @throws Refusal
     */
    public function inFull(string $path): \Imagick
    {
        $decoder =
            RasterFile::decoderFor((string) file_get_contents($path, false, null, 0, 1024)) ??
            throw new \LogicException('What is kept as pixels was read as pixels.');
        try {
            $image = $this->file->open($path, $decoder);
            $this->upright($image, $decoder);
            $this->cutToVisible($image);

            return $image;
        } catch (\ImagickException) {
            throw Exhausted::memory();
        }
    }

    private function upright(\Imagick $image, string $decoder): void
    {
        // Who unpacks HEIC has turned it already, whatever its EXIF still says.
        'heic' === $decoder ? $image->setImageOrientation(\Imagick::ORIENTATION_TOPLEFT) : $image->autoOrient();
        $this->toSrgb($image);
        $image->stripImage();
        $image->setImageDepth(8);
    }

    /** @return array{int, int, int, int}|null what was visible of it; null where all is */
    private function cutToVisible(\Imagick $image): ?array
    {
        $visible = $this->visiblePart($image);
        if (null !== $visible && $visible !== [0, 0, $image->getImageWidth(), $image->getImageHeight()]) {
            $image->cropImage($visible[2], $visible[3], $visible[0], $visible[1]);
            $image->setImagePage(0, 0, 0, 0);
        }

        return $visible;
    }

    /** What of the file is not taken: all pictures in it but the first. */
    private static function note(string $decoder, string $path): ?string
    {
        $several = match ($decoder) {
            'webp' => self::isAnimated($path),
            'gif', 'tiff' => self::frames($decoder, $path) > 1,
            default => false,
        };

        return match (true) {
            !$several => null,
            'tiff' === $decoder => 'This file has several pages. Only the first one is used.',
            default => 'This is a moving picture. Only its first frame is used.',
        };
    }

    private static function frames(string $decoder, string $path): int
    {
        $all = new \Imagick();
        $all->pingImage($decoder . ':' . $path);

        return $all->getNumberImages();
    }

    /** The animation flag of an extended WebP: bit 1 of byte 20. */
    private static function isAnimated(string $path): bool
    {
        $head = (string) file_get_contents($path, false, null, 0, 21);

        return 'VP8X' === substr($head, 12, 4) && 0 !== (ord($head[20]) & 0x02);
    }

    /**
     * An upright opaque picture in sRGB goes into the sheet byte for byte: unpacking and packing it again takes time,
     * and a JPEG could only lose by it.
     */
    private function isPlain(\Imagick $image, string $path, string $decoder): bool
    {
        $packable = match ($decoder) {
            'jpeg' => true,
            // Eight bits a channel, grey or red, green and blue, not interlaced: bytes 24, 25 and 28 of a PNG's head.
            'png' => 1 ===
                preg_match('/^.{24}\x08[\x00\x02]..\x00/s', (string) file_get_contents($path, false, null, 0, 29)),
            default => false,
        };

        return $packable &&
            !$image->getImageAlphaChannel() &&
            in_array($image->getImageColorspace(), [\Imagick::COLORSPACE_SRGB, \Imagick::COLORSPACE_GRAY], true) &&
            in_array(
                $image->getImageOrientation(),
                [\Imagick::ORIENTATION_UNDEFINED, \Imagick::ORIENTATION_TOPLEFT],
                true,
            ) &&
            !in_array('icc', $image->getImageProfiles('icc', false), true);
    }

    /** By the picture's own profile where it carries one, or else by the plain formula. */
    private function toSrgb(\Imagick $image): void
    {
        if (in_array('icc', $image->getImageProfiles('icc', false), true) && is_file(self::SRGB_PROFILE)) {
            $image->profileImage('icc', (string) file_get_contents(self::SRGB_PROFILE));
        }
        if (\Imagick::COLORSPACE_SRGB !== $image->getImageColorspace()) {
            $image->transformImageColorspace(\Imagick::COLORSPACE_SRGB);
        }
    }

    /**
     * The smallest rectangle that holds every pixel which is not wholly transparent; null where none is transparent.
     *
     * @return array{int, int, int, int}|null x, y, width, height
     *
     * @throws Refusal when there is nothing to see
     */
    private function visiblePart(\Imagick $image): ?array
    {
        if (!$image->getImageAlphaChannel()) {
            return null;
        }
        $alpha = clone $image;
        $alpha->setImageAlphaChannel(\Imagick::ALPHACHANNEL_EXTRACT);
        $range = $alpha->getImageChannelRange(\Imagick::CHANNEL_GRAY);
        if ($range['minima'] >= \Imagick::getQuantum()) {
            return null;
        }
        if ($range['maxima'] <= 0.0) {
            throw InvalidInput::field('file', 'There is nothing to see in this picture. Every pixel is transparent.');
        }
        // A transparent frame, so that trimming has a border to take its colour from.
        $alpha->setImageBackgroundColor('black');
        $alpha->borderImage('black', 1, 1);
        $alpha->setImagePage(0, 0, 0, 0);
        $alpha->trimImage(0.0);
        $page = $alpha->getImagePage();

        return [$page['x'] - 1, $page['y'] - 1, $alpha->getImageWidth(), $alpha->getImageHeight()];
    }

    private function writePreview(\Imagick $image, string $into): void
    {
        $preview = clone $image;
        if (max($preview->getImageWidth(), $preview->getImageHeight()) > self::PREVIEW_PIXELS) {
            $preview->scaleImage(self::PREVIEW_PIXELS, self::PREVIEW_PIXELS, true);
        }
        $preview->setImageFormat('png');
        $preview->setOption('png:compression-level', '2');
        $preview->writeImage('png:' . $into . '/' . ReadPicture::PREVIEW);
    }

    /** Paper is white, and no printer here prints white: transparency becomes paper. */
    private function writeForm(\Imagick $image, string $path): void
    {
        $image->setImageBackgroundColor('white');
        $image->setImageAlphaChannel(\Imagick::ALPHACHANNEL_REMOVE);
        $image->setImageAlphaChannel(\Imagick::ALPHACHANNEL_DEACTIVATE);
        $image->setImageType(\Imagick::IMGTYPE_TRUECOLOR);
        if (str_ends_with($path, '.jpg')) {
            $image->setImageFormat('jpeg');
            $image->setImageCompressionQuality(95);
            $image->setSamplingFactors(['1x1', '1x1', '1x1']);
            $image->writeImage('jpeg:' . $path);

            return;
        }
        $image->setImageFormat('png24');
        $image->setOption('png:compression-level', '4');
        $image->setInterlaceScheme(\Imagick::INTERLACE_NO);
        $image->writeImage('png24:' . $path);
    }
}
