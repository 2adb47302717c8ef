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

    /** A drawing that takes up little of its page is looked at so much more closely, and no more than that. */
    private const WORTH_A_CLOSER_LOOK = 1.1;
    private const CLOSEST = 10.0;

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
        [$image, $visible] = $this->draw($svg, $into . '/measure.png');
        $progress->at(0.5, 'Preparing it for printing');
        $this->render($svg, ['--format=pdf', '--output=' . $into . '/print.pdf']);
        PixelCoverage::write($image, $into . '/' . ReadPicture::COVERAGE);
        [$width, $height] = [$image->getImageWidth(), $image->getImageHeight()];
        if (max($width, $height) > self::PREVIEW_PIXELS) {
            $image->scaleImage(self::PREVIEW_PIXELS, self::PREVIEW_PIXELS, true);
        }
        $image->writeImage('png:' . $into . '/' . ReadPicture::PREVIEW);

        return new ReadPicture(
            PictureKind::Vector,
            $width,
            $height,
            true,
            $visible,
            'print.pdf',
            1 !== preg_match('/<(\w+:)?image[\s>]/i', $svg),
            self::note([...$clean->leftOut, $this->fonts->note($svg)]),
        );
    }

    /**
     * The visible part of it with as many pixels as are looked at, however little of its page it takes up.
     *
     * @return array{\Imagick, array{x: float, y: float, width: float, height: float}} and where it lies, as shares of
     *                                                                                 the page
     */
    private function draw(string $svg, string $file): array
    {
        $this->render($svg, [
            '--format=png',
            '--keep-aspect-ratio',
            '--width=' . self::MEASURE_PIXELS,
            '--height=' . self::MEASURE_PIXELS,
            '--output=' . $file,
        ]);
        $page = new \Imagick('png:' . $file);
        $whole = [$page->getImageWidth(), $page->getImageHeight()];
        [$image, $x, $y] = self::visible($page);
        $closer = min(self::CLOSEST, self::MEASURE_PIXELS / max($image->getImageWidth(), $image->getImageHeight()));
        if ($closer > self::WORTH_A_CLOSER_LOOK) {
            // Through a window a little larger than what was seen, on a page so many times as large.
            [$left, $top] = [(int) floor(($x - 2) * $closer), (int) floor(($y - 2) * $closer)];
            $this->render($svg, [
                '--format=png',
                '--width=' . round($whole[0] * $closer),
                '--height=' . round($whole[1] * $closer),
                '--left=' . -$left,
                '--top=' . -$top,
                '--page-width=' . ceil(($image->getImageWidth() + 4) * $closer),
                '--page-height=' . ceil(($image->getImageHeight() + 4) * $closer),
                '--output=' . $file,
            ]);
            $whole = [round($whole[0] * $closer), round($whole[1] * $closer)];
            [$image, $x, $y] = self::visible(new \Imagick('png:' . $file));
            [$x, $y] = [$x + $left, $y + $top];
        }
        unlink($file);

        return [
            $image,
            [
                'x' => max(0.0, $x / $whole[0]),
                'y' => max(0.0, $y / $whole[1]),
                'width' => min(1.0, $image->getImageWidth() / $whole[0]),
                'height' => min(1.0, $image->getImageHeight() / $whole[1]),
            ],
        ];
    }

    /**
     * Cut to what is visible.
     *
     * @return array{\Imagick, int, int} and where it lay
     */
    private static function visible(\Imagick $image): array
    {
        $image->setImageBackgroundColor('none');
        $image->borderImage('none', 1, 1);
        $image->setImagePage(0, 0, 0, 0);
        $image->trimImage(0.0);
        $page = $image->getImagePage();
        $image->setImagePage(0, 0, 0, 0);
        if ($image->getImageWidth() <= 1 && $image->getImageHeight() <= 1) {
            throw InvalidInput::field('file', 'There is nothing to see in this drawing.');
        }

        return [$image, $page['x'] - 1, $page['y'] - 1];
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
