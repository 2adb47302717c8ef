<?php

declare(strict_types=1);

namespace Wubbin\Artwork;

use Wubbin\Core\Artwork\Bitmap;

/** Brings a picture down to the size at which it is examined. */
final readonly class WorkingBitmap
{
    /** The longer side: a look takes under a second. */
    public const PIXELS = 512;

    /** For lines: those of half a thousandth of the picture are still told. */
    public const FINE_PIXELS = 1024;

    /**
     * @param string $path a PNG in sRGB, cut to what is visible
     *
     * @throws \ImagickException
     */
    public static function of(string $path, int $pixels = self::PIXELS): Bitmap
    {
        $image = new \Imagick('png:' . $path);
        if (!$image->getImageAlphaChannel()) {
            $image->setImageAlphaChannel(\Imagick::ALPHACHANNEL_OPAQUE);
        }
        if (max($image->getImageWidth(), $image->getImageHeight()) > $pixels) {
            $image->resizeImage($pixels, $pixels, \Imagick::FILTER_BOX, 1.0, true);
        }
        $image->setImageDepth(8);
        $image->setImageFormat('rgba');

        return Bitmap::fromRgba($image->getImageWidth(), $image->getImageHeight(), $image->getImageBlob());
    }
}
