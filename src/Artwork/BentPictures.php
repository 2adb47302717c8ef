<?php

declare(strict_types=1);

namespace Wubbin\Artwork;

use Wubbin\Core\Artwork\PictureKind;
use Wubbin\Core\Blank\Bend;
use Wubbin\Refusal\InvalidInput;
use Wubbin\Storage\FileStore;
use Wubbin\Task\OutsideProgram;

/** Pictures bent for pieces that taper. */
final readonly class BentPictures
{
    public const PRINT_DPI = 300.0;

    /** To look at: a drawing of it on the screen. */
    private const PREVIEW_PIXELS = 800;

    private const SECONDS = 30;

    public function __construct(private FileStore $files, private RasterFile $raster) {}

    /** @return string path of a PNG that fills the bend's box at 300 dpi; kept, so that each is made once */
    public function forPrint(Artwork $artwork, Bend $bend): string
    {
        // The name has the bend in it, so that another bend is another file.
        $name = 'bent-' . hash('xxh128', $bend->toQuery()) . '.png';
        $path = $this->files->path($artwork->sha256, $name);
        if (!is_file($path)) {
            try {
                $pixelsPerMm = self::PRINT_DPI / 25.4;
                $straight = $this->inFull($artwork, max(1, (int) round($bend->size->widthMm * $pixelsPerMm)));
                $bent = self::bent($straight, $bend, $pixelsPerMm);
                $this->files->write(
                    $artwork->sha256,
                    $name,
                    static fn(string $to): bool => $bent->writeImage('png:' . $to),
                );
            } catch (\ImagickException) {
                throw InvalidInput::field('width', 'This picture is too large to be bent. Make it smaller.');
            }
        }

        return $path;
    }

    /**
     * @return string a PNG that fills the bend's box, to look at; not kept, since every move of a picture bends it anew
     */
    public function preview(Artwork $artwork, Bend $bend): string
    {
        try {
            $straight = $this->raster->open($this->files->path($artwork->sha256, ReadPicture::PREVIEW), 'png');

            return self::bent(
                $straight,
                $bend,
                self::PREVIEW_PIXELS / max($bend->box->widthMm, $bend->box->heightMm),
            )->getImageBlob();
        } catch (\ImagickException) {
            throw InvalidInput::field('width', 'This picture cannot be bent. Make it smaller.');
        }
    }

    /** @throws \ImagickException */
    private static function bent(\Imagick $image, Bend $bend, float $pixelsPerMm): \Imagick
    {
        [$degrees, $top, $bottom] = $bend->arc();
        $image->resizeImage(
            max(1, (int) round($bend->size->widthMm * $pixelsPerMm)),
            max(1, (int) round($bend->size->heightMm * $pixelsPerMm)),
            \Imagick::FILTER_LANCZOS,
            1.0,
        );
        $image->setImageAlphaChannel(\Imagick::ALPHACHANNEL_SET);
        $image->setImageVirtualPixelMethod(\Imagick::VIRTUALPIXELMETHOD_TRANSPARENT);
        // An arc distortion bends about a point below; with the point above, the picture stands on its head meanwhile.
        $onItsHead = $bend->aboutAbove();
        if ($onItsHead) {
            $image->rotateImage('none', 180.0);
            $image->setImagePage(0, 0, 0, 0);
        }
        $image->distortImage(
            \Imagick::DISTORTION_ARC,
            [$degrees, 0.0, $top * $pixelsPerMm, $bottom * $pixelsPerMm],
            true,
        );
        // Its page tells where it lies about that point.
        $page = $image->getImagePage();
        [$boxWide, $boxHigh] = [
            (int) round($bend->box->widthMm * $pixelsPerMm),
            (int) round($bend->box->heightMm * $pixelsPerMm),
        ];
        $image->setImagePage(0, 0, 0, 0);
        $image->setImageBackgroundColor('none');
        $image->extentImage(
            $boxWide,
            $boxHigh,
            (int) round(-$boxWide / 2.0 - $page['x']),
            (int) round(-$top * $pixelsPerMm - $page['y']),
        );
        if ($onItsHead) {
            $image->rotateImage('none', 180.0);
            $image->setImagePage(0, 0, 0, 0);
        }
        $image->setImageDepth(8);
        $image->setImageFormat('png');
        $image->setOption('png:compression-level', '2');

        return $image;
    }

    /** @throws \ImagickException */
    private function inFull(Artwork $artwork, int $width): \Imagick
    {
        $form = $this->files->path($artwork->sha256, $artwork->form());
        if (PictureKind::Raster === $artwork->picture()->kind) {
            return $this->raster->open($form, str_ends_with($form, '.jpg') ? 'jpeg' : 'png');
        }
        $visible = $artwork->visibleInForm();
        $base = sys_get_temp_dir() . '/wubbin-' . bin2hex(random_bytes(8));
        try {
            OutsideProgram::run(
                [
                    'pdftocairo',
                    '-png',
                    '-transp',
                    '-singlefile',
                    '-scale-to-x',
                    (string) (int) ceil($width / $visible['width']),
                    '-scale-to-y',
                    '-1',
                    $form,
                    $base,
                ],
                self::SECONDS,
            );
            $image = $this->raster->open($base . '.png', 'png');
        } finally {
            if (is_file($base . '.png')) {
                unlink($base . '.png');
            }
        }
        [$wide, $high] = [$image->getImageWidth(), $image->getImageHeight()];
        $image->cropImage(
            (int) round($visible['width'] * $wide),
            (int) round($visible['height'] * $high),
            (int) round($visible['x'] * $wide),
            (int) round($visible['y'] * $high),
        );
        $image->setImagePage(0, 0, 0, 0);

        return $image;
    }
}
