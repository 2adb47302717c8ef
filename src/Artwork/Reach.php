<?php

declare(strict_types=1);

namespace Wubbin\Artwork;

use Wubbin\Core\Artwork\Bitmap;
use Wubbin\Core\Artwork\LabPlanes;
use Wubbin\Refusal\InvalidInput;

/**
 * What of a picture a printer cannot print, by its colour profile: there and back again through it, what comes out
 * another colour lies beyond its inks (ICC.1:2022, relative colorimetric intent).
 */
final readonly class Reach
{
    /** Colours side by side look different from here on, in CIE L*a*b* (assumed: two just seen differences). */
    private const SEEN = 6.0;

    private const BEYOND = "\xc4\x38\x18\xd0";
    private const CLEAR = "\0\0\0\0";

    public function __construct(private ArtworkStore $store) {}

    /** @throws InvalidInput where the bytes are no profile of a printer */
    public static function refuseOther(string $profile): void
    {
        // The header: a signature at byte 36, the class of the device at byte 12 (ICC.1:2022, 7.2).
        if ('acsp' !== substr($profile, 36, 4) || 'prtr' !== substr($profile, 12, 4)) {
            throw InvalidInput::field('file', 'This is not the colour profile of a printer. It ends in .icc or .icm.');
        }
    }

    /**
     * @return array{float, string} share of what is seen of the picture, and a PNG to lay over its preview
     *
     * @throws InvalidInput where the profile cannot be used
     */
    public function of(Artwork $artwork, string $profile): array
    {
        $bitmap = $this->store->working($artwork);
        $before = LabPlanes::of($bitmap);
        $after = LabPlanes::of($this->printed($bitmap, $profile));
        $opaque = $bitmap->opaque();
        $rgba = '';
        $beyond = 0;
        for ($i = 0, $end = $bitmap->width * $bitmap->height; $i < $end; ++$i) {
            $far =
                "\0" !== $opaque->set[$i] &&
                sqrt(
                    ($before->l[$i] - $after->l[$i]) ** 2 +
                        ($before->a[$i] - $after->a[$i]) ** 2 +
                        ($before->b[$i] - $after->b[$i]) ** 2,
                ) > self::SEEN;
            $beyond += $far ? 1 : 0;
            $rgba .= $far ? self::BEYOND : self::CLEAR;
        }

        return [
            $beyond / max(1, substr_count($opaque->set, "\1")),
            LossMap::png($bitmap->width, $bitmap->height, $rgba),
        ];
    }

    private function printed(Bitmap $bitmap, string $profile): Bitmap
    {
        $image = new \Imagick();
        $image->setSize($bitmap->width, $bitmap->height);
        $image->setOption('depth', '8');
        $image->setFormat('rgba');
        $image->readImageBlob($bitmap->rgba);
        $image->setImageAlphaChannel(\Imagick::ALPHACHANNEL_DEACTIVATE);
        $srgb = (string) file_get_contents(RasterReader::SRGB_PROFILE);
        try {
            $image->setImageRenderingIntent(\Imagick::RENDERINGINTENT_RELATIVE);
            foreach ([$srgb, $profile, $srgb] as $step) {
                $image->profileImage('icc', $step);
            }
            $image->setImageAlphaChannel(\Imagick::ALPHACHANNEL_OPAQUE);
            $image->setImageDepth(8);
            $image->setImageFormat('rgba');

            return Bitmap::fromRgba($bitmap->width, $bitmap->height, $image->getImageBlob());
        } catch (\ImagickException) {
            throw InvalidInput::field('file', 'This colour profile cannot be used. Get it again from the maker.');
        }
    }
}
