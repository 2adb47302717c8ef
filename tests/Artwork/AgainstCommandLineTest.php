<?php

declare(strict_types=1);

namespace Wubbin\Tests\Artwork;

use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\Attributes\TestWith;
use Symfony\Component\Process\Process;
use Wubbin\Artwork\ArtworkStore;
use Wubbin\Artwork\ReadPicture;
use Wubbin\Storage\FileStore;
use Wubbin\Tests\Support\Pictures;
use Wubbin\Tests\Support\ShopTestCase;

/** What Wubbin makes of a picture, against what the ImageMagick command line makes of the same file. */
#[Group('reading')]
final class AgainstCommandLineTest extends ShopTestCase
{
    protected const READS_ANEW = true;

    /** Root mean square difference of what both made, 0 to 1. */
    private function difference(string $ours, string $theirs): float
    {
        $compare = new Process(['compare', '-metric', 'RMSE', $ours, $theirs, 'null:']);
        $compare->run();
        self::assertMatchesRegularExpression('/\(([0-9.e-]+)\)/', $compare->getErrorOutput());
        preg_match('/\(([0-9.e-]+)\)/', $compare->getErrorOutput(), $found);

        return (float) ($found[1] ?? 1.0);
    }

    /** @param list<string> $arguments */
    private function convert(string $from, array $arguments): string
    {
        $to = $this->data . '/theirs.png';
        (new Process(['convert', $from, ...$arguments, 'png:' . $to]))->mustRun();

        return $to;
    }

    private function made(string $path, string $form): string
    {
        $artwork = $this->service(ArtworkStore::class)->take($path, 'picture');

        return $this->service(FileStore::class)->path(
            $artwork->sha256,
            ReadPicture::PREVIEW === $form ? $form : $artwork->form(),
        );
    }

    #[TestWith([1])]
    #[TestWith([2])]
    #[TestWith([3])]
    #[TestWith([4])]
    #[TestWith([5])]
    #[TestWith([6])]
    #[TestWith([7])]
    #[TestWith([8])]
    public function testPicturesAreTurnedUprightAlike(int $orientation): void
    {
        $path = Pictures::turnedJpeg(Pictures::quarters(160, 100), $orientation, $this->data . '/turned.jpg');
        self::assertLessThan(
            0.01,
            $this->difference($this->made($path, 'form'), $this->convert($path, ['-auto-orient'])),
        );
    }

    public function testPicturesAreMadeSmallerAlike(): void
    {
        $path = $this->data . '/large.png';
        (new Process(['convert', '-size', '1900x1150', 'plasma:tomato-steelblue', 'png:' . $path]))->mustRun();
        self::assertLessThan(
            0.02,
            $this->difference(
                $this->made($path, ReadPicture::PREVIEW),
                $this->convert($path, ['-filter', 'Lanczos', '-resize', '1400x1400']),
            ),
        );
    }

    public function testProfilesAreTurnedToSrgbAlike(): void
    {
        $wide = '/usr/share/color/icc/LStar-RGB.icc';
        $srgb = '/usr/share/color/icc/sRGB.icc';
        self::assertFileExists($wide);
        $path = $this->data . '/wide.png';
        (new Process([
            'convert',
            '-size',
            '300x200',
            'plasma:red-green',
            '-profile',
            $wide,
            'png:' . $path,
        ]))->mustRun();
        self::assertLessThan(
            0.01,
            $this->difference($this->made($path, 'form'), $this->convert($path, ['-profile', $srgb])),
        );
        self::assertGreaterThan(
            0.02,
            $this->difference($this->made($path, 'form'), $this->convert($path, ['-strip'])),
            'it does something',
        );
    }
}
