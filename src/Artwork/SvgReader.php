<?php

declare(strict_types=1);

namespace Wubbin\Artwork;

use Wubbin\Core\Artwork\PictureKind;
use Wubbin\Refusal\Exhausted;
use Wubbin\Refusal\InvalidInput;
use Wubbin\Refusal\Refusal;
use Wubbin\Task\OutsideProgram;
use Wubbin\Task\ProgramFailed;
use Wubbin\Task\Progress;
use Wubbin\Task\Unwatched;

/** Reads pictures drawn as lines. What could reach outside the file or run is refused before anything renders it. */
final readonly class SvgReader
{
    /** Fine enough that the visible part is found to a tenth of a millimetre on an A4 sheet. */
    private const MEASURE_PIXELS = 2000;
    private const PREVIEW_PIXELS = 1400;
    private const SECONDS = 25.0;

    /** A picture of fewer pixels on a side is a dot of a pattern. */
    private const LEAST_IMAGE = 24;

    /** The class of a rectangle that words are put in piece by piece. */
    public const ROOM = 'room-for-words';

    /** The page is drawn so small to find what is visible, and what is found at most so many times larger. */
    private const FIND_PIXELS = 600;
    private const CLOSEST = 33.0;

    /** Pixels of the small drawing round what was found there: a hair may have been missed. */
    private const AROUND = 2;

    public function __construct(
        private SvgCleaner $cleaner,
        private SvgInspector $inspector,
        private SvgFonts $fonts,
    ) {}

    /** @throws Refusal */
    public function read(string $path, string $into, Progress $progress = new Unwatched()): ReadPicture
    {
        $progress->at(0.05, 'Looking through the drawing');
        $clean = $this->cleaner->clean((string) file_get_contents($path));
        $svg = $clean->svg;
        $this->inspector->inspect($svg);
        $progress->at(0.2, 'Drawing it');
        $kept = self::withRooms($svg);
        [$image, $visible, $window] = $this->draw($kept, $into . '/measure.png');
        $progress->at(0.5, 'Preparing it for printing');
        $this->render($svg, ['--format=pdf', '--output=' . $into . '/print.pdf']);
        PixelCoverage::write($image, $into . '/' . ReadPicture::COVERAGE);
        if ($kept !== $svg) {
            $image = $this->through($svg, $window, $image, $into . '/measure.png');
        }
        [$width, $height] = [$image->getImageWidth(), $image->getImageHeight()];
        if (max($width, $height) > self::PREVIEW_PIXELS) {
            $image->scaleImage(self::PREVIEW_PIXELS, self::PREVIEW_PIXELS, true);
        }
        $image->setOption('png:compression-level', '2');
        $image->writeImage('png:' . $into . '/' . ReadPicture::PREVIEW);

        $drawn = 1 !== preg_match('/<(\w+:)?image[\s>]/i', $svg);

        return new ReadPicture(
            PictureKind::Vector,
            $width,
            $height,
            true,
            $visible,
            'print.pdf',
            $drawn,
            self::note([...$clean->leftOut, $this->fonts->note($svg)]),
            $drawn ? null : self::pixelsAcross($into . '/print.pdf', $visible['width']),
        );
    }

    /**
     * How many pixels the coarsest picture in it would have across all of the visible part; null where there is none
     * large enough to be looked at.
     *
     * @param float $visible share of the page's width
     */
    private static function pixelsAcross(string $pdf, float $visible): ?float
    {
        try {
            $images = OutsideProgram::run(['pdfimages', '-list', $pdf], self::SECONDS);
            $page = OutsideProgram::run(['pdfinfo', $pdf], self::SECONDS);
        } catch (ProgramFailed) {
            return null;
        }
        // Page, number, type, width, height, colours, components, bits, encoding, interpolated, object, then x and y
        // pixels an inch.
        preg_match_all(
            '/^\s*\d+\s+\d+\s+image\s+(\d+)\s+(\d+)(?:\s+\S+){5}\s+\d+\s+\d+\s+(\d+)\s+(\d+)/m',
            $images,
            $found,
            \PREG_SET_ORDER,
        );
        $finest = [];
        foreach ($found as [, $wide, $high, $x, $y]) {
            if (min((int) $wide, (int) $high) >= self::LEAST_IMAGE && min((int) $x, (int) $y) > 0) {
                $finest[] = (float) min((int) $x, (int) $y);
            }
        }

        return [] === $finest || 1 !== preg_match('/^Page size:\s+([\d.]+)/m', $page, $size)
            ? null
            : ((min($finest) * (float) $size[1]) / 72.0) * $visible;
    }

    /** Room that is kept for words counts as part of the picture, though nothing is drawn there. */
    private static function withRooms(string $svg): string
    {
        return (string) preg_replace(
            '/(<rect\b[^>]*class="' . self::ROOM . '"[^>]*)fill="none"/',
            '$1fill="#000"',
            $svg,
        );
    }

    /**
     * What is drawn where the visible part was found.
     *
     * @param array{list<string>, int, int} $window arguments, and where the visible part lies in it
     */
    private function through(string $svg, array $window, \Imagick $like, string $file): \Imagick
    {
        $this->render($svg, [...$window[0], '--output=' . $file]);
        $image = new \Imagick('png:' . $file);
        unlink($file);
        $image->setImageBackgroundColor('none');
        $image->extentImage($like->getImageWidth(), $like->getImageHeight(), $window[1], $window[2]);
        $image->setImagePage(0, 0, 0, 0);

        return $image;
    }

    /**
     * The visible part of it with as many pixels as are looked at, however little of its page it takes up: found on a
     * small drawing of the page, then drawn anew through a window a little larger than that.
     *
     * And where it lies, as shares of the page; what it was drawn by, and where it lies in that.
     *
     * @return array{\Imagick, array{x: float, y: float, width: float, height: float}, array{list<string>, int, int}}
     */
    private function draw(string $svg, string $file): array
    {
        $this->render($svg, [
            '--format=png',
            '--keep-aspect-ratio',
            '--width=' . self::FIND_PIXELS,
            '--height=' . self::FIND_PIXELS,
            '--output=' . $file,
        ]);
        $page = new \Imagick('png:' . $file);
        $whole = [$page->getImageWidth(), $page->getImageHeight()];
        $page->setImageBackgroundColor('none');
        $page->borderImage('none', self::AROUND, self::AROUND);
        [$found, $x, $y] = self::visible($page);
        $closer = min(self::CLOSEST, self::MEASURE_PIXELS / max($found->getImageWidth(), $found->getImageHeight()));
        $larger = [(int) round($whole[0] * $closer), (int) round($whole[1] * $closer)];
        // Never beyond the page: what lies outside of it is no part of the drawing.
        [$left, $top] = [
            max(0, (int) floor(($x - 2 * self::AROUND) * $closer)),
            max(0, (int) floor(($y - 2 * self::AROUND) * $closer)),
        ];
        $right = min($larger[0], (int) ceil(($x + $found->getImageWidth()) * $closer));
        $bottom = min($larger[1], (int) ceil(($y + $found->getImageHeight()) * $closer));
        $window = [
            '--format=png',
            '--width=' . $larger[0],
            '--height=' . $larger[1],
            '--left=' . -$left,
            '--top=' . -$top,
            '--page-width=' . ($right - $left),
            '--page-height=' . ($bottom - $top),
        ];
        $this->render($svg, [...$window, '--output=' . $file]);
        $drawn = new \Imagick('png:' . $file);
        unlink($file);
        $touches = 0 === $left || 0 === $top || $right === $larger[0] || $bottom === $larger[1];
        if ($touches) {
            $drawn->setImageBackgroundColor('none');
            $drawn->borderImage('none', 1, 1);
        }
        [$image, $x, $y] = self::visible($drawn);
        $in = [$x - ($touches ? 1 : 0), $y - ($touches ? 1 : 0)];
        [$x, $y] = [$x + $left - ($touches ? 1 : 0), $y + $top - ($touches ? 1 : 0)];

        return [
            $image,
            [
                'x' => $x / $larger[0],
                'y' => $y / $larger[1],
                'width' => $image->getImageWidth() / $larger[0],
                'height' => $image->getImageHeight() / $larger[1],
            ],
            [$window, ...$in],
        ];
    }

    /**
     * Cut to what is visible; round it all is transparent.
     *
     * @return array{\Imagick, int, int} and where it lay
     */
    private static function visible(\Imagick $image): array
    {
        $image->setImageBackgroundColor('none');
        $image->setImagePage(0, 0, 0, 0);
        $image->trimImage(0.0);
        $page = $image->getImagePage();
        $image->setImagePage(0, 0, 0, 0);
        if ($image->getImageWidth() <= 1 && $image->getImageHeight() <= 1) {
            throw InvalidInput::field('file', 'There is nothing to see in this drawing.');
        }

        return [$image, $page['x'], $page['y']];
    }

    /** @param list<string|null> $told */
    private static function note(array $told): ?string
    {
        $note = implode(' ', array_filter($told, is_string(...)));

        return '' === $note ? null : $note;
    }

    /**
     * The drawing goes in by standard input, so that it has no directory of its own to read neighbours from.
     *
     * @param list<string> $arguments
     */
    private function render(string $svg, array $arguments): void
    {
        try {
            OutsideProgram::run(['rsvg-convert', ...$arguments], self::SECONDS, $svg);
        } catch (Exhausted $e) {
            throw $e->isAboutTime()
                ? InvalidInput::field(
                    'file',
                    'This drawing takes too long to render. Simplify it, or export it as PNG.',
                )
                : $e;
        } catch (ProgramFailed) {
            throw InvalidInput::field(
                'file',
                'This drawing cannot be rendered. Save it as plain SVG, or export it as PNG.',
            );
        }
    }
}
