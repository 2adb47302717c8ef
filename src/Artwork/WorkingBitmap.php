<?php

declare(strict_types=1);

namespace Wubbin\Artwork;

use Wubbin\Core\Artwork\Bitmap;

/** Brings a picture down to the size at which it is examined. */
final readonly class WorkingBitmap
{
    /** The longer side: lines of two thousandths of the picture are still seen, and a look takes under a second. */
    private const PIXELS = 512;

    /**
     * @param string $path a PNG in sRGB, cut to what is visible
     *
     * @throws \ImagickException
     */
    public static function of(string $path): Bitmap
    {
        $image = new \Imagick('png:' . $path);
        if (!$image->getImageAlphaChannel()) {
            $image->setImageAlphaChannel(\Imagick::ALPHACHANNEL_OPAQUE);
        }
        if (max($image->getImageWidth(), $image->getImageHeight()) > self::PIXELS) {
            $image->resizeImage(self::PIXELS, self::PIXELS, \Imagick::FILTER_BOX, 1.0, true);
        }
        $image->setImageDepth(8);
        $image->setImageFormat('rgba');

        return Bitmap::fromRgba($image->getImageWidth(), $image->getImageHeight(), $image->getImageBlob());
    }
}
