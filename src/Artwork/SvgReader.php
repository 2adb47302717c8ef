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
        $measure = $into . '/measure.png';
        $progress->at(0.2, 'Drawing it');
        $this->render($svg, [
            '--format=png',
            '--keep-aspect-ratio',
            '--width=' . self::MEASURE_PIXELS,
            '--height=' . self::MEASURE_PIXELS,
            '--output=' . $measure,
        ]);
        $progress->at(0.5, 'Preparing it for printing');
        $this->render($svg, ['--format=pdf', '--output=' . $into . '/print.pdf']);

        $image = new \Imagick();
        $image->readImage('png:' . $measure);
        $whole = [$image->getImageWidth(), $image->getImageHeight()];
        $image->setImageBackgroundColor('none');
        $image->borderImage('none', 1, 1);
        $image->setImagePage(0, 0, 0, 0);
        $image->trimImage(0.0);
        $page = $image->getImagePage();
        [$x, $y, $width, $height] = [$page['x'] - 1, $page['y'] - 1, $image->getImageWidth(), $image->getImageHeight()];
        if ($width <= 1 && $height <= 1) {
            throw InvalidInput::field('file', 'There is nothing to see in this drawing.');
        }
        $image->setImagePage(0, 0, 0, 0);
        if (max($width, $height) > self::PREVIEW_PIXELS) {
            $image->scaleImage(self::PREVIEW_PIXELS, self::PREVIEW_PIXELS, true);
        }
        $image->writeImage('png:' . $into . '/' . ReadPicture::PREVIEW);
        unlink($measure);

        return new ReadPicture(
            PictureKind::Vector,
            $width,
            $height,
            true,
            [
                'x' => $x / $whole[0],
                'y' => $y / $whole[1],
                'width' => $width / $whole[0],
                'height' => $height / $whole[1],
            ],
            'print.pdf',
            self::note([...$clean->leftOut, $this->fonts->note($svg)]),
        );
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
