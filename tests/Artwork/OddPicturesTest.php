<?php

declare(strict_types=1);

namespace Wubbin\Tests\Artwork;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\Attributes\TestWith;
use Wubbin\Core\Tests\Slice;
use Wubbin\Pdf\BarePdf;
use Wubbin\Tests\Support\Pictures;
use Wubbin\Tests\Support\ShopTestCase;

/** Pictures as phones, scanners and drawing programs make them. */
#[Group('reading')]
final class OddPicturesTest extends ShopTestCase
{
    protected const READS_ANEW = true;

    /**
     * @return iterable<string, array{callable(string): string, float, float}> how it is made, and its width and height
     */
    public static function sound(): iterable
    {
        $save = static fn(\Closure $make, string $format): \Closure => static function (string $path) use (
            $make,
            $format,
        ): string {
            $image = $make();
            assert($image instanceof \Imagick);

            return Pictures::save($image, $format, $path);
        };
        $plain = static function (int $width, int $height, string $colour = '#2e7d4f'): \Imagick {
            $image = new \Imagick();
            $image->newImage($width, $height, $colour);

            return $image;
        };
        yield 'a single pixel' => [$save(static fn(): \Imagick => $plain(1, 1), 'png'), 1.0, 1.0];
        yield 'all white' => [$save(static fn(): \Imagick => $plain(60, 40, 'white'), 'png'), 60.0, 40.0];
        yield 'a panorama' => [$save(static fn(): \Imagick => $plain(15000, 200), 'jpeg'), 15000.0, 200.0];
        yield 'sixteen bits a channel' => [
            $save(static function () use ($plain): \Imagick {
                $image = $plain(50, 30);
                $image->setImageDepth(16);

                return $image;
            }, 'png48'),
            50.0,
            30.0,
        ];
        yield 'a palette' => [$save(static fn(): \Imagick => Pictures::quarters(40, 20), 'png8'), 40.0, 20.0];
        yield 'grey with alpha' => [
            $save(static function () use ($plain): \Imagick {
                $image = $plain(40, 40, 'none');
                $draw = new \ImagickDraw();
                $draw->setFillColor('#777777');
                $draw->rectangle(10, 10, 29, 29);
                $image->drawImage($draw);
                $image->setImageType(\Imagick::IMGTYPE_GRAYSCALEMATTE);

                return $image;
            }, 'png'),
            20.0,
            20.0,
        ];
        foreach (['gif', 'tiff', 'bmp', 'avif'] as $format) {
            yield strtoupper($format) => [
                $save(static fn(): \Imagick => Pictures::quarters(40, 20), $format),
                40.0,
                20.0,
            ];
        }
        yield 'a scan in black and white' => [$save(self::scan(...), 'png'), 600.0, 800.0];
        yield 'a strip of 16 000 pixels' => [$save(static fn(): \Imagick => $plain(16000, 120), 'png'), 16000.0, 120.0];
        yield 'HEIC from a phone' => [$save(static fn(): \Imagick => $plain(120, 80), 'heic'), 120.0, 80.0];
    }

    private static function scan(): \Imagick
    {
        $image = new \Imagick();
        $image->newImage(600, 800, 'white');
        $draw = new \ImagickDraw();
        for ($y = 40; $y < 760; $y += 18) {
            for ($x = 40; $x < 540; $x += 9) {
                $draw->rectangle($x, $y, $x + (($x * $y) % 6), $y + 8);
            }
        }
        $image->drawImage($draw);
        $image->setImageType(\Imagick::IMGTYPE_BILEVEL);

        return $image;
    }

    /** @param callable(string): string $make */
    #[DataProvider('sound')]
    public function testItIsTakenAtItsSize(callable $make, float $width, float $height): void
    {
        $view = $this->read($this->upload($make($this->data . '/in')), 201);
        self::assertSame([$width, $height], [$view->number('width'), $view->number('height')]);
        self::assertFalse($view->has('note'));
    }

    public function testOfAMovingWebpTheFirstFrameIsTakenAndThatIsSaid(): void
    {
        $frames = new \Imagick();
        foreach (['#c8102e', '#1e4fd8'] as $colour) {
            $frames->newImage(64, 48, $colour);
            $frames->setImageFormat('webp');
            $frames->setImageDelay(50);
        }
        $frames->writeImages('webp:' . $this->data . '/moving.webp', true);
        $view = $this->read($this->upload($this->data . '/moving.webp'), 201);
        self::assertStringContainsString('first frame', $view->string('note'));
    }

    #[TestWith(['gif', 'first frame'])]
    #[TestWith(['tiff', 'several pages'])]
    public function testOfSeveralPicturesInAFileTheFirstIsTakenAndThatIsSaid(string $format, string $said): void
    {
        $frames = new \Imagick();
        foreach (['#c8102e', '#1e4fd8'] as $colour) {
            $frames->newImage(64, 48, $colour);
            $frames->setImageFormat($format);
        }
        $frames->writeImages($format . ':' . $this->data . '/several', true);
        $view = $this->read($this->upload($this->data . '/several'), 201);
        self::assertSame(64.0, $view->number('width'));
        self::assertStringContainsString($said, $view->string('note'));
    }

    #[TestWith(['gif'])]
    #[TestWith(['tiff'])]
    #[TestWith(['bmp'])]
    #[TestWith(['avif'])]
    #[TestWith(['png'])]
    #[TestWith(['jpeg'])]
    #[TestWith(['webp'])]
    #[TestWith(['heic'])]
    public function testAFileThatIsCutOffIsRefused(string $format): void
    {
        $whole = Pictures::save(Pictures::quarters(80, 60), $format, $this->data . '/whole');
        $bytes = (string) file_get_contents($whole);
        file_put_contents($this->data . '/cut', substr($bytes, 0, (int) (0.7 * strlen($bytes))));
        self::assertStringContainsString('damaged', $this->reason($this->data . '/cut'));
    }

    /** A map, or what a tracing program leaves. It takes its time, and no more. */
    #[Group('long')]
    public function testADrawingOfAHundredThousandShapesIsTaken(): void
    {
        $shapes = '';
        $rows = Slice::isWhole() ? 250 : 50;
        for ($i = 0; $i < 400 * $rows; ++$i) {
            $shapes .= sprintf('<rect x="%d" y="%d" width="2" height="2" fill="#%06x"/>', $i % 400, $i / 400, $i * 97);
        }
        file_put_contents(
            $this->data . '/in',
            sprintf('<svg xmlns="http://www.w3.org/2000/svg" width="402" height="%d">', $rows + 2) . $shapes . '</svg>',
        );
        $view = $this->read($this->upload($this->data . '/in'), 201);
        self::assertEqualsWithDelta(401.0 / ($rows + 1.0), $view->number('width') / $view->number('height'), 0.05);
    }

    /** Up to 1024 bytes may stand before its header: mail programs and old printers put them there. */
    public function testAPdfMayHaveOtherBytesBeforeIt(): void
    {
        $pdf = (string) file_get_contents($this->pdf(1));
        file_put_contents($this->data . '/mailed.pdf', "X-Mailer: quillet\r\n\r\n" . $pdf);
        self::assertSame('vector', $this->read($this->upload($this->data . '/mailed.pdf'), 201)->string('kind'));
    }

    public function testOfAPdfTheFirstPageIsTakenAsADrawing(): void
    {
        $view = $this->read($this->upload($this->pdf(3)), 201);
        self::assertSame('vector', $view->string('kind'));
        self::assertEqualsWithDelta(
            2.0,
            $view->number('width') / $view->number('height'),
            0.02,
            'cut to what is drawn: 60 × 30 mm',
        );
        self::assertSame('Only the first of its 3 pages is used.', $view->string('note'));
        self::assertFalse($this->read($this->upload($this->pdf(1)), 201)->has('note'));
    }

    public function testAPdfOfVeryManyPagesIsTakenAsQuickly(): void
    {
        self::assertStringContainsString('500 pages', $this->read($this->upload($this->pdf(500)), 201)->string('note'));
    }

    public function testAPanoramaThatThisMachineCannotUnpackIsRefusedByItsSize(): void
    {
        self::assertStringContainsString(
            '200 000 × 200 pixels',
            $this->reason(Pictures::declaredPng(200_000, 200, $this->data . '/long.png')),
        );
    }

    public function testFontsThatAreNotHereAreNamedWithWhatIsDrawnInstead(): void
    {
        $text =
            '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 100 40"><text x="5" y="30" font-size="20" ' .
            'font-family="%s">Quillet</text></svg>';
        file_put_contents($this->data . '/in.svg', sprintf($text, 'Orchard Hand, cursive'));
        $note = $this->read($this->upload($this->data . '/in.svg'), 201)->string('note');
        self::assertStringContainsString('“Orchard Hand”', $note);
        self::assertStringContainsString('is drawn instead', $note);
        file_put_contents($this->data . '/in.svg', sprintf($text, 'sans-serif'));
        self::assertFalse($this->read($this->upload($this->data . '/in.svg'), 201)->has('note'));
    }

    public function testALockedAndADamagedPdfAreRefusedWithAReason(): void
    {
        self::assertStringContainsString('locked', $this->reason($this->pdf(1, locked: true)));
        file_put_contents($this->data . '/broken.pdf', substr((string) file_get_contents($this->pdf(1)), 0, 400));
        self::assertStringContainsString('damaged', $this->reason($this->data . '/broken.pdf'));
        file_put_contents($this->data . '/broken.heic', "\0\0\0\x1cftypheic" . str_repeat('x', 200));
        self::assertStringContainsString('damaged', $this->reason($this->data . '/broken.heic'));
    }

    private function pdf(int $pages, bool $locked = false): string
    {
        $pdf = new BarePdf('P', 'mm', [210, 297]);
        if ($locked) {
            $pdf->setProtection(['print'], 'open sesame');
        }
        for ($page = 1; $page <= $pages; ++$page) {
            $pdf->AddPage();
            $pdf->Rect(20, 20, 60, 30, 'F', [], [30, 79, 216]);
        }
        $path = $this->data . '/pages.pdf';
        file_put_contents($path, $pdf->Output('', 'S'));

        return $path;
    }

    private function reason(string $path): string
    {
        $problem = $this->read($this->upload($path), 422);

        return $problem->record('errors')->string('file');
    }
}
