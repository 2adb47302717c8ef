<?php

declare(strict_types=1);

namespace Wubbin\Tests\Attack;

use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\Attributes\TestWith;
use Symfony\Component\Process\Process;
use Wubbin\Artwork\JpegEnd;
use Wubbin\Artwork\PngChunks;
use Wubbin\Artwork\SvgInspector;
use Wubbin\Refusal\Exhausted;
use Wubbin\Storage\FileStore;
use Wubbin\Task\OutsideProgram;
use Wubbin\Task\TaskQueue;
use Wubbin\Task\Worked;
use Wubbin\Tests\Support\Pictures;
use Wubbin\Tests\Support\ShopTestCase;

/** Pictures that are cut off, that tell too much, or that want more than there is. */
#[Group('reading')]
final class BadPictureTest extends ShopTestCase
{
    protected const READS_ANEW = true;

    /** An EXIF block (Exif 2.32, from memory) that says where it was taken, beside which way is up. */
    private function placed(string $path, int $orientation = 1): string
    {
        $entry = static fn(int $tag, int $type, int $count, string $value): string => pack('vvV', $tag, $type, $count) .
            str_pad($value, 4, "\0");
        // Two entries; the position's own directory begins behind them, at 8 + 2 + 2 × 12 + 4.
        $tiff =
            "II*\0" .
            pack('V', 8) .
            pack('v', 2) .
            $entry(0x0112, 3, 1, pack('v', $orientation)) .
            $entry(0x8825, 4, 1, pack('V', 38)) .
            pack('V', 0) .
            pack('v', 1) .
            $entry(0x0001, 2, 2, "N\0") .
            pack('V', 0);
        Pictures::save(Pictures::quarters(90, 60), 'jpeg', $path);
        $jpeg = (string) file_get_contents($path);
        $body = "Exif\0\0" . $tiff . 'taken in the orchard behind the house';
        file_put_contents(
            $path,
            substr($jpeg, 0, 2) . "\xff\xe1" . pack('n', strlen($body) + 2) . $body . substr($jpeg, 2),
        );

        return $path;
    }

    #[TestWith(['jpeg'])]
    #[TestWith(['png'])]
    #[TestWith(['webp'])]
    public function testAPictureThatIsCutOffIsNotTaken(string $format): void
    {
        $path = Pictures::save(Pictures::quarters(900, 700), $format, $this->data . '/whole');
        $whole = (string) file_get_contents($path);
        foreach ([0.97, 0.5] as $share) {
            file_put_contents($path, substr($whole, 0, (int) ($share * strlen($whole))));
            $problem = $this->read($this->upload($path), 422);
            self::assertStringContainsString('not complete', $problem->record('errors')->string('file'), $format);
        }
        file_put_contents($path, $whole);
        $this->read($this->upload($path), 201);
    }

    public function testAProgressiveJpegAndOneWithSomethingBehindItAreWhole(): void
    {
        $image = Pictures::quarters(400, 300);
        $image->setInterlaceScheme(\Imagick::INTERLACE_JPEG);
        $jpeg = (string) file_get_contents(Pictures::save($image, 'jpeg', $this->data . '/p.jpg'));
        self::assertTrue(JpegEnd::isThere($jpeg));
        self::assertTrue(JpegEnd::isThere($jpeg . str_repeat("\0", 40)));
        foreach (range(2, strlen($jpeg) - 3, 97) as $length) {
            self::assertFalse(JpegEnd::isThere(substr($jpeg, 0, $length)), (string) $length);
        }
    }

    public function testWhereAPhotoWasTakenIsKeptNowhere(): void
    {
        $this->readyJob();
        $path = $this->placed($this->data . '/photo.jpg', 6);
        // ImageMagick's own reader finds what is looked for.
        self::assertNotSame([], (new \Imagick($path))->getImageProperties('exif:GPS*'));
        $view = $this->read($this->upload($path, 'photo.jpg'), 201);
        $sha256 = $view->string('sha256');
        self::assertSame([60.0, 90.0], [$view->number('width'), $view->number('height')], 'it still stands upright');
        $files = $this->service(FileStore::class);
        foreach ((array) glob(dirname($files->path($sha256)) . '/*') as $kept) {
            self::assertStringNotContainsString('orchard behind', (string) file_get_contents((string) $kept));
            self::assertSame([], (new \Imagick((string) $kept))->getImageProperties('exif:GPS*'), (string) $kept);
        }
        self::assertSame($sha256, $this->read($this->upload($path, 'again.jpg'), 201)->string('sha256'));
    }

    /** In TIFF and AVIF nothing announces them. */
    #[TestWith(['tiff'])]
    #[TestWith(['avif'])]
    #[TestWith(['gif'])]
    public function testWhoMadeItIsKeptNowhereInOtherFormats(string $format): void
    {
        $path = Pictures::save(Pictures::quarters(90, 60), $format, $this->data . '/made.' . $format);
        $tags = ['-Artist=orchard behind', '-GPSLatitude=50', '-GPSLatitudeRef=N', '-XMP-dc:Creator=orchard behind'];
        (new Process(['exiftool', '-q', '-m', '-overwrite_original', ...$tags, $path]))->mustRun();
        self::assertStringContainsString('orchard behind', (string) file_get_contents($path));
        $sha256 = $this->read($this->upload($path, 'made.' . $format), 201)->string('sha256');
        foreach ((array) glob(dirname($this->service(FileStore::class)->path($sha256)) . '/*') as $kept) {
            self::assertStringNotContainsString('orchard behind', (string) file_get_contents((string) $kept));
        }
    }

    public function testWordsInAPngAreKeptNowhereAndItsPixelsAsTheyAre(): void
    {
        $image = Pictures::quarters(90, 60);
        $image->setImageProperty('comment', 'drawn in the orchard behind the house');
        $image->setImageProperty('Author', 'somebody');
        $path = Pictures::save($image, 'png', $this->data . '/words.png');
        self::assertStringContainsString('orchard behind', (string) file_get_contents($path));
        $clean = PngChunks::withoutWords((string) file_get_contents($path));
        self::assertStringNotContainsString('orchard behind', $clean);
        $one = new \Imagick();
        $one->readImageBlob($clean);
        self::assertSame((new \Imagick($path))->getImageSignature(), $one->getImageSignature(), 'the same pixels');
        self::assertSame($clean, PngChunks::withoutWords($clean));
        $sha256 = $this->read($this->upload($path), 201)->string('sha256');
        self::assertSame(hash('sha256', $clean), $sha256);
    }

    /** It was kept before anybody took it out: it does not leave the shop. */
    public function testNorDoesItLeaveAShopThatKeptIt(): void
    {
        $this->readyJob();
        $path = $this->placed($this->data . '/photo.jpg');
        $sha256 = $this->read($this->upload($path), 201)->string('sha256');
        $job = $this->read($this->ask('GET', '/api/jobs/crew'))->integer('revision');
        $this->read(
            $this->ask('PATCH', '/api/jobs/crew', [
                'revision' => $job,
                'changes' => ['artwork' => $sha256, 'width' => '8 mm'],
            ]),
        );
        $files = $this->service(FileStore::class);
        copy($path, $files->path($sha256));
        copy($path, $files->path($sha256, 'print.jpg'));
        $export = $this->read($this->ask('GET', '/api/jobs/crew/export'));
        $artwork = $export->records('transfers')[0]->record('artwork');
        $bytes = (string) base64_decode($artwork->string('embedded'), true);
        self::assertStringNotContainsString('orchard behind', $bytes);
        self::assertSame(hash('sha256', $bytes), $artwork->string('sha256'));
        $sheet = $this->ask('POST', '/api/jobs/crew/sheet');
        self::assertSame(201, $sheet->getStatusCode(), (string) $sheet->getContent());
        foreach ((array) glob($this->data . '/**/*.pdf') as $pdf) {
            self::assertStringNotContainsString('orchard behind', (string) file_get_contents((string) $pdf));
        }
    }

    public function testADrawingOfFiftyThousandShapesIsLookedThroughOnce(): void
    {
        $svg = static fn(int $shapes): string => '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 100 100">' .
            str_repeat('<path d="M1 1h2v2z"/>', $shapes) .
            '</svg>';
        file_put_contents($this->data . '/many.svg', $svg(50_000));
        self::assertSame(202, $this->send($this->data . '/many.svg', 'many.svg')->getStatusCode(), 'beside the page');
        self::assertSame(Worked::Something, $this->service(TaskQueue::class)->workOnNext('test'));
        self::assertSame('many.svg', $this->rows('/api/pictures')[0]->record('picture')->string('name'));
        file_put_contents($this->data . '/too-many.svg', $svg(SvgInspector::MOST_ELEMENTS + 1));
        $problem = $this->read($this->upload($this->data . '/too-many.svg'), 422);
        self::assertStringContainsString('200 000 parts', $problem->record('errors')->string('file'));
    }

    public function testAProgramThatWantsTooMuchIsEnded(): void
    {
        $program = static function (string $code, float $seconds = 20.0): string {
            try {
                return OutsideProgram::run([\PHP_BINARY, '-d', 'memory_limit=-1', '-r', $code], $seconds);
            } catch (Exhausted $e) {
                return $e->getMessage();
            }
        };
        self::assertSame('well', $program('echo "well";'));
        self::assertSame(
            Exhausted::memory()->getMessage(),
            $program('$a = str_repeat("x", 3 << 30); echo strlen($a);'),
        );
        self::assertSame(Exhausted::time()->getMessage(), $program('while (true) {}', 0.3));
        self::assertSame(Exhausted::room()->getMessage(), $program('while (true) { echo str_repeat("x", 1 << 20); }'));
        $large = $this->data . '/large';
        self::assertSame(
            Exhausted::room()->getMessage(),
            $program('$f = fopen("' . $large . '", "w"); while (true) { fwrite($f, str_repeat("x", 1 << 24)); }'),
        );
    }
}
