<?php

declare(strict_types=1);

namespace Wubbin\Ready;

use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Size;
use Wubbin\Core\Ready\ClearWhites;
use Wubbin\Core\Ready\Fatten;
use Wubbin\Core\Ready\FewerColours;
use Wubbin\Core\Ready\FillGaps;
use Wubbin\Core\Ready\OnPixels;
use Wubbin\Core\Ready\Solid;
use Wubbin\Core\Ready\Square;
use Wubbin\Core\Ready\Tone;

/** What is done to pixels, by ImageMagick. */
final readonly class PixelSteps
{
    /** Growing and closing go over each pixel many times: at the most on so many of a side. */
    private const GROWN_PIXELS = 3000;

    /** From black to white within about a fortieth of the range: an edge a pixel wide stays smooth. */
    private const STEEP = 40.0;

    /** Colours that fill gaps are smooth: they are found on so many pixels of the longer side. */
    private const BLURRED_PIXELS = 400.0;

    /** The longer side on which colours are counted. */
    private const COUNTED_PIXELS = 200;

    /** Below this share of black, 0 to 1, nothing is left of a picture. */
    private const NOTHING = 0.0002;

    /**
     * @param float $perMm pixels a mm
     *
     * @throws BadRecord where nothing would be left
     * @throws \ImagickException
     */
    public static function apply(OnPixels $step, \Imagick $image, float $perMm): \Imagick
    {
        return match (true) {
            $step instanceof Square => self::squared($step, $image),
            $step instanceof Tone => self::toned($step, $image),
            $step instanceof Solid => self::solid($step, $image),
            $step instanceof FewerColours => self::inColours($step, $image),
            $step instanceof Fatten => self::fattened($step, $image, $perMm),
            $step instanceof FillGaps => self::filled($step, $image, $perMm),
            $step instanceof ClearWhites => self::cleared($step, $image),
            default => throw new \LogicException('A step is one of those.'),
        };
    }

    private static function squared(Square $step, \Imagick $image): \Imagick
    {
        $photo = Size::mm($image->getImageWidth(), $image->getImageHeight());
        $size = $step->sizeOf($photo);
        [$wide, $high] = [max(1, (int) round($size->widthMm)), max(1, (int) round($size->heightMm))];
        $pairs = [];
        foreach ([[0, 0], [$wide, 0], [$wide, $high], [0, $high]] as $n => [$x, $y]) {
            array_push($pairs, ...$step->upright($photo)[$n], ...[$x, $y]);
        }
        $image->setImageArtifact('distort:viewport', $wide . 'x' . $high . '+0+0');
        $image->distortImage(\Imagick::DISTORTION_PERSPECTIVE, $pairs, false);
        $image->setImagePage(0, 0, 0, 0);

        return $image;
    }

    private static function toned(Tone $step, \Imagick $image): \Imagick
    {
        return self::onColours($image, static function (\Imagick $colours) use ($step): void {
            if ($step->grey) {
                $colours->transformImageColorspace(\Imagick::COLORSPACE_GRAY);
                $colours->transformImageColorspace(\Imagick::COLORSPACE_SRGB);
            }
            if (0.0 !== $step->brightness || 0.0 !== $step->contrast) {
                $colours->brightnessContrastImage($step->brightness, $step->contrast);
            }
        });
    }

    /** Black ink where it was dark; how dark it was becomes how much there is of it, within a narrow band. */
    private static function solid(Solid $step, \Imagick $image): \Imagick
    {
        $ink = self::onWhite($image);
        $ink->transformImageColorspace(\Imagick::COLORSPACE_GRAY);
        $ink->sigmoidalContrastImage(true, self::STEEP, ($step->level / 100.0) * \Imagick::getQuantum());
        $ink->negateImage(false);
        if ($ink->getImageChannelMean(\Imagick::CHANNEL_GRAY)['mean'] / \Imagick::getQuantum() < self::NOTHING) {
            throw BadRecord::at('level', 'Nothing would be left. Raise the level.');
        }
        $black = new \Imagick();
        $black->newImage($ink->getImageWidth(), $ink->getImageHeight(), 'black', 'png');
        self::show($black, $ink);

        return $black;
    }

    /** What is clear must not be counted as a colour: the colours are found in what is seen of it, small. */
    private static function inColours(FewerColours $step, \Imagick $image): \Imagick
    {
        $small = clone $image;
        $small->scaleImage(self::COUNTED_PIXELS, self::COUNTED_PIXELS, true);
        $seen = '';
        $small->setImageDepth(8);
        $small->setImageFormat('rgba');
        foreach (str_split($small->getImageBlob(), 4) as $pixel) {
            $seen .= "\xff" === ($pixel[3] ?? '') ? substr($pixel, 0, 3) : '';
        }
        $count = intdiv(strlen($seen), 3);
        if (0 === $count) {
            throw BadRecord::at('count', 'There is nothing to see in this picture.');
        }
        $colours = new \Imagick();
        $colours->setSize($count, 1);
        $colours->setOption('depth', '8');
        $colours->readImageBlob(sprintf("P6\n%d 1\n255\n", $count) . $seen);
        $colours->quantizeImage($step->count, \Imagick::COLORSPACE_SRGB, 8, false, false);

        return self::onColours(
            $image,
            static fn(\Imagick $whole): bool => $whole->remapImage($colours, \Imagick::DITHERMETHOD_NO),
        );
    }

    private static function fattened(Fatten $step, \Imagick $image, float $perMm): \Imagick
    {
        [$image, $perMm] = self::notTooFine($image, $perMm);
        $radius = ($step->mm * $perMm) / 2.0;
        // Its outermost lines grow into a margin of their own.
        $margin = ($step->mm / 2.0) * $perMm;
        $image->setImageBackgroundColor('none');
        $image->setImageAlphaChannel(\Imagick::ALPHACHANNEL_SET);
        $image->borderImage('none', (int) max(1, round($margin)), (int) max(1, round($margin)));
        $image->setImagePage(0, 0, 0, 0);
        $alpha = self::alpha($image);
        $colours = self::onWhite($image);
        self::grow($colours, \Imagick::MORPHOLOGY_ERODE, $radius);
        self::grow($alpha, \Imagick::MORPHOLOGY_DILATE, $radius);
        self::show($colours, $alpha);

        return $colours;
    }

    /** What is clear between parts takes the colours from beside it. */
    private static function filled(FillGaps $step, \Imagick $image, float $perMm): \Imagick
    {
        [$image, $perMm] = self::notTooFine($image, $perMm);
        $radius = ($step->mm * $perMm) / 2.0;
        $image->setImageAlphaChannel(\Imagick::ALPHACHANNEL_SET);
        $closed = self::closed(self::alpha($image), $radius);
        $ground = clone $image;
        $share = min(1.0, self::BLURRED_PIXELS / max($image->getImageWidth(), $image->getImageHeight()));
        $ground->resizeImage(
            max(1, (int) round($share * $image->getImageWidth())),
            max(1, (int) round($share * $image->getImageHeight())),
            \Imagick::FILTER_BOX,
            1.0,
        );
        $ground->blurImage(0.0, max(1.0, $radius * $share));
        $ground->setImageAlphaChannel(\Imagick::ALPHACHANNEL_DEACTIVATE);
        $ground->resizeImage($image->getImageWidth(), $image->getImageHeight(), \Imagick::FILTER_TRIANGLE, 1.0);
        self::show($ground, $closed);
        $ground->compositeImage($image, \Imagick::COMPOSITE_OVER, 0, 0);

        return $ground;
    }

    /** A mask grown by a radius and shrunk again: gaps up to twice as wide are gone, by distances from its edge. */
    private static function closed(\Imagick $mask, float $radius): \Imagick
    {
        // Room for what it grows by: at the picture's own edge nothing is beside it.
        $margin = (int) ceil($radius) + 2;
        $mask->setImageBackgroundColor('black');
        $mask->borderImage('black', $margin, $margin);
        $mask->setImagePage(0, 0, 0, 0);
        $mask->thresholdImage(\Imagick::getQuantum() / 2.0);
        $mask->negateImage(false);
        self::farFrom($mask, $radius);
        $mask->negateImage(false);
        self::farFrom($mask, $radius);
        $mask->cropImage($mask->getImageWidth() - 2 * $margin, $mask->getImageHeight() - 2 * $margin, $margin, $margin);
        $mask->setImagePage(0, 0, 0, 0);

        return $mask;
    }

    /** White stays where the nearest black is farther than a radius. */
    private static function farFrom(\Imagick $mask, float $radius): void
    {
        $per = min(2000.0, floor(\Imagick::getQuantum() / ($radius + 4.0)));
        $mask->morphology(
            \Imagick::MORPHOLOGY_DISTANCE,
            1,
            \ImagickKernel::fromBuiltin(\Imagick::KERNEL_EUCLIDEAN, '2,' . $per),
        );
        $mask->thresholdImage($radius * $per);
    }

    private static function cleared(ClearWhites $step, \Imagick $image): \Imagick
    {
        $image->setImageAlphaChannel(\Imagick::ALPHACHANNEL_SET);
        $image->transparentPaintImage('white', 0.0, ($step->tolerance / 100.0) * \Imagick::getQuantum(), false);
        if (self::alpha($image)->getImageChannelRange(\Imagick::CHANNEL_GRAY)['maxima'] <= 0.0) {
            throw BadRecord::at('tolerance', 'Nothing would be left. Lower the tolerance.');
        }

        return $image;
    }

    /** @param \Closure(\Imagick): mixed $work on colours alone: what is clear stays so */
    private static function onColours(\Imagick $image, \Closure $work): \Imagick
    {
        $alpha = $image->getImageAlphaChannel() ? self::alpha($image) : null;
        $image->setImageAlphaChannel(\Imagick::ALPHACHANNEL_DEACTIVATE);
        $work($image);
        if (null !== $alpha) {
            self::show($image, $alpha);
        }

        return $image;
    }

    private static function alpha(\Imagick $image): \Imagick
    {
        $alpha = clone $image;
        $alpha->setImageAlphaChannel(\Imagick::ALPHACHANNEL_EXTRACT);

        return $alpha;
    }

    private static function onWhite(\Imagick $image): \Imagick
    {
        $flat = clone $image;
        $flat->setImageBackgroundColor('white');
        $flat->setImageAlphaChannel(\Imagick::ALPHACHANNEL_REMOVE);
        $flat->setImageAlphaChannel(\Imagick::ALPHACHANNEL_DEACTIVATE);

        return $flat;
    }

    /** Of the picture only what the mask is white for. */
    private static function show(\Imagick $image, \Imagick $mask): void
    {
        $mask->setImageAlphaChannel(\Imagick::ALPHACHANNEL_DEACTIVATE);
        $image->compositeImage($mask, \Imagick::COMPOSITE_COPYOPACITY, 0, 0);
    }

    /** @return array{\Imagick, float} with pixels a mm */
    private static function notTooFine(\Imagick $image, float $perMm): array
    {
        $longest = max($image->getImageWidth(), $image->getImageHeight());
        if ($longest <= self::GROWN_PIXELS) {
            return [$image, $perMm];
        }
        $image->resizeImage(self::GROWN_PIXELS, self::GROWN_PIXELS, \Imagick::FILTER_LANCZOS, 1.0, true);

        return [$image, ($perMm * self::GROWN_PIXELS) / $longest];
    }

    /**
     * @param \Imagick::MORPHOLOGY_ERODE|\Imagick::MORPHOLOGY_DILATE $how
     *
     * By an octagon: squares and diamonds of three pixels again and again, 0.41 of them squares, reach as far along the
     * axes as across. That goes over each pixel in proportion to the radius and not to its square.
     */
    private static function grow(\Imagick $image, int $how, float $radius): void
    {
        $times = max(1, (int) round($radius));
        $squares = (int) round((\M_SQRT2 - 1.0) * $times);
        foreach (
            [[\Imagick::KERNEL_SQUARE, $squares], [\Imagick::KERNEL_DIAMOND, $times - $squares]]
            as [$kernel, $n]
        ) {
            if ($n > 0) {
                $image->morphology($how, $n, \ImagickKernel::fromBuiltin($kernel, '1'));
            }
        }
    }
}
