<?php

declare(strict_types=1);

namespace Wubbin\Artwork;

use Symfony\Component\Filesystem\Filesystem;
use Symfony\Contracts\Cache\CacheInterface;
use Symfony\Contracts\Cache\ItemInterface;
use Wubbin\Core\Artwork\Background;
use Wubbin\Core\Artwork\CutOut\CutOut;
use Wubbin\Core\Artwork\CutOut\Stroke;
use Wubbin\Core\Artwork\CutOut\Superpixels;
use Wubbin\Core\Artwork\LabPlanes;
use Wubbin\Core\Artwork\Mask;
use Wubbin\Core\Artwork\PictureKind;
use Wubbin\Refusal\InvalidInput;
use Wubbin\Refusal\Refusal;
use Wubbin\Storage\FileStore;
use Wubbin\Task\OutsideProgram;
use Wubbin\Task\ProgramFailed;
use Wubbin\Task\Progress;
use Wubbin\Task\Unwatched;

/** Makes a picture without its background of one that has it; the first is kept as it is. */
final readonly class BackgroundRemover
{
    /** The longer side of a photograph as its edges are looked for: to a thousandth of it, in about a second. */
    private const CUT_OUT_PIXELS = 480;
    private const PATCHES = 2000;

    /** The longer side of a drawing as pixels: 300 of them an inch on 250 mm; and of its whole page at most. */
    private const DRAWN_PIXELS = 3000;
    private const MOST_PIXELS = 9000;
    private const SECONDS = 20.0;

    /** As long as somebody draws line after line over one picture. */
    private const KEPT_S = 3600;

    public function __construct(
        private ArtworkStore $store,
        private FileStore $files,
        private RasterFile $raster,
        private CacheInterface $cache,
    ) {}

    /**
     * What would be taken away, as a PNG to lay over the preview: violet where it goes, clear where it stays.
     *
     * @param list<Stroke> $strokes where there are any, the thing is told by them, and not by one colour
     */
    public function preview(Artwork $artwork, float $tolerance, bool $islands, array $strokes = []): string
    {
        $image = self::image(
            [] === $strokes
                ? Background::fromBitmap($this->store->working($artwork), $tolerance, $islands)->mask
                : $this->round($artwork, $strokes),
        );
        $veil = new \Imagick();
        $veil->newImage($image->getImageWidth(), $image->getImageHeight(), '#6a35ab');
        $image->evaluateImage(\Imagick::EVALUATE_MULTIPLY, 0.8);
        $veil->compositeImage($image, \Imagick::COMPOSITE_COPYOPACITY, 0, 0);
        $veil->setImageFormat('png');

        return $veil->getImageBlob();
    }

    /**
     * Of a drawing, pixels are made first: fine ones, as many as a print of it on a large sheet needs.
     *
     * @param list<Stroke> $strokes
     *
     * @throws Refusal when the picture has no background of one colour, or would be gone altogether
     */
    public function remove(
        Artwork $artwork,
        float $tolerance,
        bool $islands,
        array $strokes = [],
        Progress $progress = new Unwatched(),
    ): Artwork {
        $progress->at(0.05, 'Looking for its background');
        $gone = [] === $strokes ? $this->ofOneColour($artwork, $tolerance, $islands) : $this->round($artwork, $strokes);
        $directory = sys_get_temp_dir() . '/wubbin-' . bin2hex(random_bytes(8));
        mkdir($directory, 0o700);
        try {
            $progress->at(0.2, 'Removing it');
            $image = $this->opened($artwork, $directory);
            $alpha = self::image($gone->inverse());
            $alpha->resizeImage($image->getImageWidth(), $image->getImageHeight(), \Imagick::FILTER_CATROM, 1.0);
            // The enlarged mask is soft: half way between is the edge, a pixel or two wide.
            $alpha->sigmoidalContrastImage(true, 12.0, \Imagick::getQuantum() / 2.0);
            $image->setImageAlphaChannel(\Imagick::ALPHACHANNEL_DEACTIVATE);
            $image->compositeImage($alpha, \Imagick::COMPOSITE_COPYOPACITY, 0, 0);
            $image->setImageFormat('png');
            $image->setOption('png:compression-level', '4');
            $image->writeImage('png:' . $directory . '/picture.png');

            return $this->store->take(
                $directory . '/picture.png',
                $artwork->picture()->name,
                $artwork->sha256,
                $progress,
            );
        } catch (\ImagickException) {
            throw InvalidInput::field(
                'tolerance',
                'This picture is too large to remove its background. Make it smaller.',
            );
        } finally {
            (new Filesystem())->remove($directory);
        }
    }

    /** @throws \ImagickException */
    private function opened(Artwork $artwork, string $directory): \Imagick
    {
        $form = $this->files->path($artwork->sha256, $artwork->form());
        if (PictureKind::Raster === $artwork->picture()->kind) {
            return $this->raster->open($form, str_ends_with($form, '.jpg') ? 'jpeg' : 'png');
        }
        ['x' => $x, 'y' => $y, 'width' => $width, 'height' => $height] = $artwork->visibleInForm();
        $page = (int) min(self::MOST_PIXELS, ceil(self::DRAWN_PIXELS / max($width, $height)));
        try {
            OutsideProgram::run(
                ['pdftocairo', '-png', '-singlefile', '-scale-to', (string) $page, $form, $directory . '/page'],
                self::SECONDS,
            );
        } catch (ProgramFailed) {
            throw InvalidInput::field('tolerance', 'This drawing cannot be turned into pixels. Export it as PNG.');
        }
        $image = $this->raster->open($directory . '/page.png', 'png');
        [$w, $h] = [$image->getImageWidth(), $image->getImageHeight()];
        $image->cropImage(
            max(1, (int) round($width * $w)),
            max(1, (int) round($height * $h)),
            (int) round($x * $w),
            (int) round($y * $h),
        );
        $image->setImagePage(0, 0, 0, 0);

        return $image;
    }

    private function ofOneColour(Artwork $artwork, float $tolerance, bool $islands): Mask
    {
        $background = Background::fromBitmap($this->store->working($artwork), $tolerance, $islands);

        return match (true) {
            [] === $background->colours => throw InvalidInput::field(
                'tolerance',
                'The edge has more than one colour. Draw a line over what you want to keep.',
            ),
            $background->mask->share() > 0.999 => throw InvalidInput::field(
                'tolerance',
                'Nothing would be left of the picture. Lower the tolerance.',
            ),
            default => $background->mask,
        };
    }

    /**
     * What is round the thing that the strokes tell.
     *
     * @param non-empty-list<Stroke> $strokes
     */
    private function round(Artwork $artwork, array $strokes): Mask
    {
        if ([] === array_filter($strokes, static fn(Stroke $stroke): bool => $stroke->keep)) {
            throw InvalidInput::field('strokes', 'Draw a line over what you want to keep.');
        }
        $gone = CutOut::of($this->patches($artwork), $strokes)->inverse();

        return 0.0 === $gone->share()
            ? throw InvalidInput::field('strokes', 'Nothing would be removed. Draw a line over what goes.')
            : $gone;
    }

    private function patches(Artwork $artwork): Superpixels
    {
        return $this->cache->get('patches.' . $artwork->sha256, function (ItemInterface $item) use (
            $artwork,
        ): Superpixels {
            $item->expiresAfter(self::KEPT_S);
            $bitmap = $this->store->working($artwork, self::CUT_OUT_PIXELS);

            return Superpixels::of(LabPlanes::of($bitmap), $bitmap->width, $bitmap->height, self::PATCHES);
        });
    }

    /** White where the mask is set. */
    private static function image(Mask $mask): \Imagick
    {
        $image = new \Imagick();
        $image->setSize($mask->width, $mask->height);
        $image->setOption('depth', '8');
        $image->readImageBlob(
            sprintf("P5\n%d %d\n255\n", $mask->width, $mask->height) . strtr($mask->set, "\1", "\xff"),
        );

        return $image;
    }
}
