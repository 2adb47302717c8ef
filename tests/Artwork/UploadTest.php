<?php

declare(strict_types=1);

namespace Wubbin\Tests\Artwork;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use Wubbin\Artwork\Artwork;
use Wubbin\Artwork\ArtworkStore;
use Wubbin\Core\Measure\Record;
use Wubbin\Task\Progress;
use Wubbin\Tests\Support\ColourDifference;
use Wubbin\Tests\Support\Pictures;
use Wubbin\Tests\Support\ShopTestCase;

final class UploadTest extends ShopTestCase
{
    protected const READS_ANEW = true;

    private const SVG =
        '<svg xmlns="http://www.w3.org/2000/svg" xmlns:xlink="http://www.w3.org/1999/xlink" viewBox="0 0 100 ' .
        '50">%s</svg>';

    #[TestWith(['png'])]
    #[TestWith(['jpeg'])]
    #[TestWith(['webp'])]
    public function testPicturesMadeOfPixels(string $format): void
    {
        $view = $this->taken(Pictures::save(Pictures::quarters(400, 300), $format, $this->data . '/in'));
        self::assertSame(
            ['raster', 400.0, 300.0],
            [$view->string('kind'), $view->number('width'), $view->number('height')],
        );
        $preview = $this->preview($view);
        self::assertLessThan(3.0, ColourDifference::ofRgb([0xd0, 0x20, 0x20], Pictures::at($preview, 100, 75)));
        self::assertLessThan(3.0, ColourDifference::ofRgb([0x20, 0xa0, 0x40], Pictures::at($preview, 300, 75)));
    }

    public function testTheSameFileBroughtTwiceAtOnceIsOnePicture(): void
    {
        $path = Pictures::save(Pictures::quarters(400, 300), 'png', $this->data . '/in');
        $store = $this->service(ArtworkStore::class);
        $meanwhile = new class (static fn(): Artwork => $store->take($path, 'theirs.png')) implements Progress {
            private bool $wasBrought = false;

            public function __construct(private readonly \Closure $bring) {}

            public function at(float $share, string $doing): void
            {
                if (!$this->wasBrought) {
                    $this->wasBrought = true;
                    ($this->bring)();
                }
            }

            public function enough(): bool
            {
                return false;
            }
        };
        self::assertSame('theirs.png', $store->take($path, 'mine.png', null, $meanwhile)->picture()->name);
        self::assertSame('theirs.png', $store->take($path, 'again.png')->picture()->name);
    }

    public function testADrawingIsSizedByWhatIsSeenOfIt(): void
    {
        $view = $this->taken(
            $this->file(sprintf(self::SVG, '<rect x="25" y="10" width="50" height="25" fill="#d02020"/>')),
        );
        self::assertSame('vector', $view->string('kind'));
        self::assertEqualsWithDelta(2.0, $view->number('width') / $view->number('height'), 0.005);
    }

    public function testWhatIsTransparentRoundAPictureIsNotPartOfIt(): void
    {
        $image = Pictures::quarters(200, 100);
        $image->setImageBackgroundColor('none');
        $image->setImageAlphaChannel(\Imagick::ALPHACHANNEL_SET);
        $image->extentImage(400, 400, -100, -50);
        $view = $this->taken(Pictures::save($image, 'png32', $this->data . '/in'));
        self::assertSame([200.0, 100.0], [$view->number('width'), $view->number('height')]);
    }

    /**
     * Source: EXIF 2.3, tag 0x0112 (from memory): 6 turns a quarter clockwise, 3 half round, 8 a quarter back.
     *
     * @param array{int, int, int} $upperLeft
     */
    #[TestWith([3, 400.0, [0xe0, 0xc0, 0x20]])]
    #[TestWith([6, 300.0, [0x20, 0x40, 0xc0]])]
    #[TestWith([8, 300.0, [0x20, 0xa0, 0x40]])]
    public function testACameraHeldSidewaysComesOutUpright(int $orientation, float $width, array $upperLeft): void
    {
        $view = $this->taken(Pictures::turnedJpeg(Pictures::quarters(400, 300), $orientation, $this->data . '/in'));
        self::assertSame($width, $view->number('width'));
        /* @var array{int, int, int} $upperLeft */
        self::assertLessThan(3.0, ColourDifference::ofRgb($upperLeft, Pictures::at($this->preview($view), 60, 60)));
    }

    /** Against what the same colours are without the detour over four inks. */
    public function testAJpegInFourInksComesOutInItsColours(): void
    {
        $image = Pictures::quarters(400, 300);
        $image->transformImageColorspace(\Imagick::COLORSPACE_CMYK);
        $preview = $this->preview($this->taken(Pictures::save($image, 'jpeg', $this->data . '/in')));
        self::assertSame(\Imagick::COLORSPACE_SRGB, $preview->getImageColorspace());
        self::assertLessThan(4.0, ColourDifference::ofRgb([0xd0, 0x20, 0x20], Pictures::at($preview, 100, 75)));
        self::assertLessThan(4.0, ColourDifference::ofRgb([0x20, 0x40, 0xc0], Pictures::at($preview, 100, 225)));
    }

    public function testOddButSoundPicturesAreTaken(): void
    {
        $deep = Pictures::quarters(64, 48);
        $deep->setImageDepth(16);
        $this->taken(Pictures::save($deep, 'png48', $this->data . '/deep'));
        $grey = Pictures::quarters(64, 48);
        $grey->transformImageColorspace(\Imagick::COLORSPACE_GRAY);
        $this->taken(Pictures::save($grey, 'png', $this->data . '/grey'));
        $palette = Pictures::quarters(64, 48);
        $palette->quantizeImage(4, \Imagick::COLORSPACE_SRGB, 0, false, false);
        $this->taken(Pictures::save($palette, 'png8', $this->data . '/palette'));
        self::assertSame(
            1.0,
            $this->taken(Pictures::save(Pictures::quarters(1, 1), 'png', $this->data . '/dot'))->number('width'),
        );
    }

    public function testTheSameFileTwiceIsOnePictureAndTheOriginalIsKept(): void
    {
        $path = Pictures::save(Pictures::quarters(40, 30), 'png', $this->data . '/in');
        $first = $this->taken($path)->string('sha256');
        self::assertSame($first, $this->taken($path)->string('sha256'));
        self::assertFileEquals($path, sprintf('%s/files/%s/%s/original', $this->data, substr($first, 0, 2), $first));
    }

    public function testANameIsOnlyAName(): void
    {
        $path = Pictures::save(Pictures::quarters(40, 30), 'png', $this->data . '/in');
        self::assertSame(
            'evil name.png',
            $this->read($this->upload($path, "..\\..\\{evil} na\x07me.png"), 201)->string('name'),
        );
    }

    /** @return iterable<string, array{callable(string): string, string}> */
    public static function badFiles(): iterable
    {
        $write = static fn(string $content): \Closure => static function (string $path) use ($content): string {
            file_put_contents($path, $content);

            return $path;
        };
        yield 'an empty file' => [$write(''), 'empty'];
        yield 'a text named .png' => [$write('Dear printer, please print.'), 'not a PNG'];
        yield 'a PNG cut off' => [
            static function (string $path): string {
                $noise = new \Imagick();
                $noise->newPseudoImage(300, 300, 'plasma:');
                file_put_contents(
                    $path,
                    substr((string) file_get_contents(Pictures::save($noise, 'png', $path)), 0, 20000),
                );

                return $path;
            },
            'not complete',
        ];
        yield 'a PNG of 60 000 × 60 000' => [
            static fn(string $path): string => Pictures::declaredPng(60000, 60000, $path),
            '60 000 × 60 000',
        ];
        yield 'a PNG of nothing' => [static fn(string $path): string => Pictures::declaredPng(0, 0, $path), 'damaged'];
        yield 'only a head' => [$write("\x89PNG\r\n\x1a\n"), 'damaged'];
        yield 'an icon file' => [$write("\0\0\1\0" . str_repeat("\0", 50)), 'not a PNG'];
        yield 'a GIF of nothing' => [$write('GIF89a' . str_repeat("\0", 50)), 'damaged'];
        yield 'a wholly transparent PNG' => [
            static function (string $path): string {
                $image = new \Imagick();
                $image->newImage(50, 50, 'none', 'png');

                return Pictures::save($image, 'png32', $path);
            },
            'nothing to see',
        ];
        yield from self::badDrawings($write);
    }

    /**
     * @param \Closure(string): (\Closure(string): string) $write
     *
     * @return iterable<string, array{\Closure(string): string, string}>
     */
    private static function badDrawings(\Closure $write): iterable
    {
        yield 'a script' => [$write(sprintf(self::SVG, '<script>alert(1)</script>')), 'script'];
        yield 'a handler' => [$write(sprintf(self::SVG, '<rect width="9" height="9" onload="alert(1)"/>')), 'onload'];
        yield 'a picture from elsewhere' => [
            $write(sprintf(self::SVG, '<image href="http://example.org/x.png" width="9" height="9"/>')),
            'another file',
        ];
        yield 'a file of this machine' => [
            $write(sprintf(self::SVG, '<image xlink:href="file:///etc/passwd" width="9" height="9"/>')),
            'another file',
        ];
        yield 'a style from elsewhere' => [
            $write(sprintf(self::SVG, '<style>@import url(x.css);</style>')),
            'another file',
        ];
        yield 'a fill from elsewhere' => [
            $write(sprintf(self::SVG, '<rect width="9" height="9" style="fill:url(http://example.org/#a)"/>')),
            'another file',
        ];
        yield 'a page inside' => [$write(sprintf(self::SVG, '<foreignObject width="9" height="9"/>')), 'inside it'];
        yield 'an entity bomb' => [
            $write(
                '<?xml version="1.0"?><!DOCTYPE svg [<!ENTITY a "aaaa"><!ENTITY b "&a;&a;">]><svg ' .
                    'xmlns="http://www.w3.org/2000/svg"><text>&b;</text></svg>',
            ),
            'entities',
        ];
        yield 'an entity of this machine' => [
            $write(
                '<!DOCTYPE svg [<!ENTITY x SYSTEM "file:///etc/passwd">]><svg ' .
                    'xmlns="http://www.w3.org/2000/svg"><text>&x;</text></svg>',
            ),
            'entities',
        ];
        yield 'a drawing cut off' => [$write('<svg xmlns="http://www.w3.org/2000/svg"><g>'), 'well-formed'];
        yield 'an empty drawing' => [$write(sprintf(self::SVG, '')), 'nothing to see'];
        yield 'some other XML' => [$write('<?xml version="1.0"?><html/>'), 'SVG'];
    }

    /** @param callable(string): string $make */
    #[DataProvider('badFiles')]
    public function testWhatCannotBePrintedIsRefusedWithAReason(callable $make, string $reason): void
    {
        $problem = $this->read($this->upload($make($this->data . '/in'), 'picture.png'), 422);
        self::assertStringContainsString($reason, $problem->record('errors')->string('file'));
        self::assertDirectoryDoesNotExist($this->data . '/files', 'nothing is left of it');
    }

    public function testNoFileAtAll(): void
    {
        self::assertSame(
            'Choose a file.',
            $this->read($this->ask('POST', '/api/artwork'), 422)->record('errors')->string('file'),
        );
    }

    private function taken(string $path): Record
    {
        return $this->read($this->upload($path), 201);
    }

    private function file(string $content): string
    {
        file_put_contents($this->data . '/in', $content);

        return $this->data . '/in';
    }

    private function preview(Record $view): \Imagick
    {
        $sha256 = $view->string('sha256');
        self::assertSame(200, $this->ask('GET', '/api/artwork/' . $sha256 . '/preview')->getStatusCode());
        $image = new \Imagick();
        $image->readImage(sprintf('png:%s/files/%s/%s/preview.png', $this->data, substr($sha256, 0, 2), $sha256));

        return $image;
    }
}
