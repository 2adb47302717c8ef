<?php

declare(strict_types=1);

namespace Wubbin\Artwork;

use Symfony\Component\Process\Exception\ProcessTimedOutException;
use Symfony\Component\Process\Process;
use Wubbin\Core\Artwork\PictureKind;
use Wubbin\Refusal\InvalidInput;
use Wubbin\Refusal\Refusal;

/** Reads pictures drawn as lines. What could reach outside the file or run is refused before anything renders it. */
final readonly class SvgReader
{
    /** Fine enough that the visible part is found to a tenth of a millimetre on an A4 sheet. */
    private const MEASURE_PIXELS = 2000;
    private const PREVIEW_PIXELS = 1400;
    private const SECONDS = 15;

    public function __construct(private SvgInspector $inspector, private SvgFonts $fonts) {}

    /** @throws Refusal */
    public function read(string $path, string $into): ReadPicture
    {
        $svg = (string) file_get_contents($path);
        $this->inspector->inspect($svg);
        $measure = $into . '/measure.png';
        $this->render($path, [
            '--format=png',
            '--keep-aspect-ratio',
            '--width=' . self::MEASURE_PIXELS,
            '--height=' . self::MEASURE_PIXELS,
            '--output=' . $measure,
        ]);
        $this->render($path, ['--format=pdf', '--output=' . $into . '/print.pdf']);

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
            $this->fonts->note($svg),
        );
    }

    /**
     * The drawing goes in by standard input, so that it has no directory of its own to read neighbours from.
     *
     * @param list<string> $arguments
     */
    private function render(string $path, array $arguments): void
    {
        $process = new Process(
            ['rsvg-convert', ...$arguments],
            input: (string) file_get_contents($path),
            timeout: self::SECONDS,
        );
        try {
            $process->run();
        } catch (ProcessTimedOutException) {
            throw InvalidInput::field(
                'file',
                'This drawing takes too long to render. Simplify it, or export it as PNG.',
            );
        }
        if (!$process->isSuccessful()) {
            throw InvalidInput::field(
                'file',
                'This drawing cannot be rendered. Save it as plain SVG, or export it as PNG.',
            );
        }
    }
}
