<?php

declare(strict_types=1);

namespace Wubbin\Ready;

use Wubbin\Artwork\Artwork;
use Wubbin\Artwork\ArtworkStore;
use Wubbin\Artwork\RasterReader;
use Wubbin\Artwork\ReadPicture;
use Wubbin\Core\Artwork\PictureKind;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Rect;
use Wubbin\Core\Ready\Backed;
use Wubbin\Core\Ready\Band;
use Wubbin\Core\Ready\Crop;
use Wubbin\Core\Ready\Framed;
use Wubbin\Core\Ready\Joined;
use Wubbin\Core\Ready\OnPixels;
use Wubbin\Core\Ready\ReadyStep;
use Wubbin\Core\Ready\Recipe;
use Wubbin\Core\Ready\Repeated;
use Wubbin\Core\Ready\Turn;
use Wubbin\Core\Ready\Where;
use Wubbin\Core\Ready\Words;
use Wubbin\Storage\FileStore;
use Wubbin\Task\OutsideProgram;
use Wubbin\Task\Progress;

/** Does to a picture what its recipe says: in full for printing, or small to look at. */
final readonly class PictureMaker
{
    /** The longer side of what is looked at. */
    public const LOOK_PIXELS = 640;
    private const SMALL = 'small.png';

    /** The longer side of a drawing as pixels: 300 of them an inch on 250 mm. */
    private const DRAWN_PIXELS = 3000;
    private const SECONDS = 20.0;

    public function __construct(
        private ArtworkStore $store,
        private FileStore $files,
        private RasterReader $raster,
        private DrawnSteps $drawn,
    ) {}

    /**
     * @param bool $small to look at; else in full
     *
     * @throws BadRecord naming the step's field
     */
    public function make(Artwork $of, Recipe $recipe, bool $small, Progress $progress): Canvas
    {
        $canvas = $this->begun($of, $recipe->boxes($of->picture()->aspect())[0], $small);
        foreach ($recipe->steps as $n => $step) {
            $progress->at((0.6 * $n) / count($recipe->steps), 'Making the picture ready');
            try {
                $canvas = $this->applied($step, $canvas, $small);
            } catch (BadRecord $e) {
                throw BadRecord::at('steps.' . $n . '.' . $e->field, $e->getMessage());
            }
        }

        return $canvas;
    }

    /** A step's box is told by the core: what is drawn here must come out as large as that. */
    private function applied(ReadyStep $step, Canvas $canvas, bool $small): Canvas
    {
        return match (true) {
            $step instanceof OnPixels => $this->onPixels($step, $canvas, $small),
            $step instanceof Crop => DrawnSteps::cropped($step, $canvas),
            $step instanceof Turn => DrawnSteps::turned($step, $canvas),
            $step instanceof Words => $this->drawn->words($step, $canvas),
            $step instanceof Framed => DrawnSteps::framed($step, $canvas),
            $step instanceof Band => DrawnSteps::banded($step, $canvas),
            $step instanceof Repeated => DrawnSteps::repeated($step, $canvas),
            $step instanceof Backed => $this->backed($step, $canvas, $small),
            $step instanceof Joined => $this->joined($step, $canvas, $small),
            default => throw new \LogicException('A step is one of those.'),
        };
    }

    private function onPixels(OnPixels $step, Canvas $canvas, bool $small): Canvas
    {
        $pixels = $this->pixelsOf($canvas, $small);

        return Canvas::ofPixels(
            PixelSteps::apply($step, $pixels, $pixels->getImageWidth() / $canvas->box->size->widthMm),
            $step->box($canvas->box),
        );
    }

    /** In full: a drawing as fine as the pixels that are in it, and finer than what is printed wants. */
    public function pixelsOf(Canvas $canvas, bool $small): \Imagick
    {
        if (null !== $canvas->pixels) {
            return clone $canvas->pixels;
        }
        $longest = max($canvas->box->size->widthMm, $canvas->box->size->heightMm);
        $pixels = $small ? self::LOOK_PIXELS : min(9000.0, max(self::DRAWN_PIXELS, ($canvas->fine ?? 0.0) * $longest));
        $png = OutsideProgram::run(
            [
                'rsvg-convert',
                '--format=png',
                '--unlimited',
                '--width=' . max(1, (int) round(($pixels * $canvas->box->size->widthMm) / $longest)),
            ],
            self::SECONDS,
            $canvas->svg(),
        );
        $image = new \Imagick();
        $image->readImageBlob($png);
        $image->setImageFormat('png');

        return $image;
    }

    private function backed(Backed $step, Canvas $canvas, bool $small): Canvas
    {
        $ground = $step->ground($canvas->box);
        $under = [DrawnSteps::filled($ground, $step->colour->toHex())];
        if (null !== $step->picture) {
            $other = $this->found($step->picture);
            // It covers the whole ground, its middle in the middle.
            $aspect = $other->picture()->aspect();
            $wide = max($ground->size->widthMm, $ground->size->heightMm * $aspect);
            $at = Rect::mm(
                $ground->xMm + ($ground->size->widthMm - $wide) / 2.0,
                $ground->yMm + ($ground->size->heightMm - $wide / $aspect) / 2.0,
                $wide,
                $wide / $aspect,
            );
            $under[] = sprintf(
                '<svg %s viewBox="%s">%s</svg>',
                Canvas::rect($ground),
                Canvas::numbers([$ground->xMm, $ground->yMm, $ground->size->widthMm, $ground->size->heightMm]),
                implode('', $this->begun($other, $at, $small)->drawn()->parts),
            );
        }

        return $canvas->with([], $step->box($canvas->box), $under);
    }

    private function joined(Joined $step, Canvas $canvas, bool $small): Canvas
    {
        $other = $this->found($step->picture);
        $step = $step->shaped($other->picture()->aspect());
        $parts = $this->begun($other, $step->other($canvas->box), $small)->drawn()->parts;
        $box = $step->box($canvas->box);

        return Where::Under === $step->where ? $canvas->with([], $box, $parts) : $canvas->with($parts, $box);
    }

    /** @throws BadRecord naming the field `picture` */
    private function found(string $sha256): Artwork
    {
        return $this->store->find($sha256) ??
            throw BadRecord::at('picture', 'This picture is not in the store any more.');
    }

    private function begun(Artwork $of, Rect $box, bool $small): Canvas
    {
        if ($small) {
            $preview = new \Imagick('png:' . $this->small($of));

            return Canvas::ofPixels($preview, $box);
        }

        return PictureKind::Raster === $of->picture()->kind
            ? Canvas::ofPixels($this->raster->inFull($this->files->path($of->sha256)), $box)
            : Canvas::ofParts([$this->drawing($of, $box)], $box);
    }

    /** Its preview, smaller still and kept: a finger on a slider asks for it many times a second. */
    private function small(Artwork $of): string
    {
        $small = $this->files->path($of->sha256, self::SMALL);
        if (!is_file($small)) {
            $preview = new \Imagick('png:' . $this->files->path($of->sha256, ReadPicture::PREVIEW));
            if (max($preview->getImageWidth(), $preview->getImageHeight()) > self::LOOK_PIXELS) {
                $preview->scaleImage(self::LOOK_PIXELS, self::LOOK_PIXELS, true);
            }
            $this->files->write(
                $of->sha256,
                self::SMALL,
                static fn(string $to): bool => $preview->writeImage('png:' . $to),
            );
        }

        return $small;
    }

    /** The visible part of a drawing as a part of another one. */
    private function drawing(Artwork $of, Rect $box): string
    {
        $svg = OutsideProgram::run(
            ['pdftocairo', '-svg', $this->files->path($of->sha256, $of->form()), '-'],
            self::SECONDS,
        );
        if (1 !== preg_match('/<svg\b[^>]*viewBox="([^"]*)"[^>]*>(.*)<\/svg>/s', $svg, $found)) {
            throw BadRecord::at('picture', 'This drawing cannot be read. Export it as PNG.');
        }
        [, , $wide, $high] = array_map(floatval(...), explode(' ', $found[1]) + ['0', '0', '1', '1']);
        $visible = $of->visibleInForm();
        // By what it draws: the same steps make the same file.
        $prefix = 'p' . substr(hash('sha256', $found[2]), 0, 6) . '-';

        return sprintf(
            '<svg %s viewBox="%s" preserveAspectRatio="none">%s</svg>',
            Canvas::rect($box),
            Canvas::numbers([
                $visible['x'] * $wide,
                $visible['y'] * $high,
                $visible['width'] * $wide,
                $visible['height'] * $high,
            ]),
            // Two drawings on one page must not take each other's parts for their own.
            (string) preg_replace('/(\bid="|href="#|url\(#)/', '$1' . $prefix, $found[2]),
        );
    }
}
