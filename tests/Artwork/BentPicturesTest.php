<?php

declare(strict_types=1);

namespace Wubbin\Tests\Artwork;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use Wubbin\Artwork\ArtworkStore;
use Wubbin\Artwork\BentPictures;
use Wubbin\Core\Blank\Bend;
use Wubbin\Core\Blank\Taper;
use Wubbin\Core\Measure\Rect;
use Wubbin\Tests\Support\ShopTestCase;

/** The bent grid is measured: where its crossings lie in the finished picture, against the development of the cone. */
#[Group('reading')]
final class BentPicturesTest extends ShopTestCase
{
    protected const READS_ANEW = true;

    private const STEP = 100;

    /** @return iterable<string, array{Taper}> */
    public static function tapers(): iterable
    {
        yield 'a mug that narrows' => [Taper::across(90.0, 62.0, 110.0)];
        yield 'a candle that widens' => [Taper::across(60.0, 80.0, 140.0)];
        yield 'hardly any' => [Taper::across(82.0, 81.0, 95.0)];
    }

    /** Black squares of 20 pixels whose middles lie every 100, from 50 on. */
    private function grid(int $width, int $height): string
    {
        $image = new \Imagick();
        $image->newImage($width, $height, 'white');
        $draw = new \ImagickDraw();
        $draw->setFillColor('black');
        for ($y = self::STEP / 2; $y < $height; $y += self::STEP) {
            for ($x = self::STEP / 2; $x < $width; $x += self::STEP) {
                $draw->rectangle($x - 10, $y - 10, $x + 9, $y + 9);
            }
        }
        $image->drawImage($draw);
        $image->writeImage('png:' . $this->data . '/grid.png');

        return $this->data . '/grid.png';
    }

    #[DataProvider('tapers')]
    public function testEveryCrossingLiesWhereTheWallHasIt(Taper $taper): void
    {
        [$wide, $high] = [800, 400];
        $artwork = $this->service(ArtworkStore::class)->take($this->grid($wide, $high), 'grid.png');
        $placed = Rect::mm(-40.0, 15.0, 80.0, 40.0);
        $bend = $taper->bend($placed) ?? throw new \LogicException('It tapers.');
        $bent = new \Imagick($this->service(BentPictures::class)->forPrint($artwork, $bend));
        $perMm = BentPictures::PRINT_DPI / 25.4;
        self::assertEqualsWithDelta($bend->box->widthMm * $perMm, $bent->getImageWidth(), 1.0);
        self::assertEqualsWithDelta($bend->box->heightMm * $perMm, $bent->getImageHeight(), 1.0);
        $bent->setImageBackgroundColor('white');
        $flat = $bent->mergeImageLayers(\Imagick::LAYERMETHOD_FLATTEN);
        $box = $bend->boxAbout(0.0, $placed->yMm);
        for ($y = self::STEP / 2; $y < $high; $y += self::STEP) {
            for ($x = self::STEP / 2; $x < $wide; $x += self::STEP) {
                // From the wall itself, by the cone’s development: angle round it, and distance down it.
                $angle = (($x / $wide - 0.5) * 80.0) / $taper->radiusAt(35.0);
                [$fx, $fy] = $taper->flat($angle, 15.0 + (40.0 * $y) / $high);
                [$px, $py] = [($fx - $box->xMm) * $perMm, ($fy - $box->yMm) * $perMm];
                [$mx, $my] = self::middleOfBlack($flat, (int) round($px), (int) round($py));
                self::assertEqualsWithDelta($px, $mx, 1.5, "across at $x, $y");
                self::assertEqualsWithDelta($py, $my, 1.5, "down at $x, $y");
            }
        }
    }

    /** @return array{float, float} of what is dark within 25 pixels of a place */
    private static function middleOfBlack(\Imagick $image, int $x, int $y): array
    {
        [$left, $top, $size] = [max(0, $x - 25), max(0, $y - 25), 50];
        $size = min($size, $image->getImageWidth() - $left, $image->getImageHeight() - $top);
        $pixels = $image->exportImagePixels($left, $top, $size, $size, 'I', \Imagick::PIXEL_CHAR);
        [$sumX, $sumY, $all] = [0.0, 0.0, 0.0];
        foreach ($pixels as $i => $value) {
            $dark = max(0.0, 200.0 - $value);
            $sumX += $dark * (($i % $size) + 0.5);
            $sumY += $dark * (intdiv($i, $size) + 0.5);
            $all += $dark;
        }
        self::assertGreaterThan(0.0, $all, 'something is there');

        return [$left + $sumX / $all, $top + $sumY / $all];
    }

    public function testADrawingIsBentAsWell(): void
    {
        $artwork = $this->service(ArtworkStore::class)->take(
            self::PROJECT . '/demo/artwork/apple-branch.svg',
            'apple-branch.svg',
        );
        $bend =
            Taper::across(90.0, 62.0, 110.0)->bend(Rect::mm(-40.0, 12.0, 80.0, 64.0)) ??
            throw new \LogicException('It tapers.');
        $bent = new \Imagick($this->service(BentPictures::class)->forPrint($artwork, $bend));
        self::assertTrue($bent->getImageAlphaChannel());
        self::assertSame('srgba(0,0,0,0)', $bent->getImagePixelColor(2, 2)->getColorAsString(), 'clear in its corners');
    }

    public function testABendThatCannotBeIsRefused(): void
    {
        $sha256 = $this->service(ArtworkStore::class)->take(
            self::PROJECT . '/demo/artwork/apple-branch.svg',
            'apple-branch.svg',
        )->sha256;
        self::assertSame(
            422,
            $this->ask('GET', '/api/artwork/' . $sha256 . '/bent?width=80&height=64&angle=0')->getStatusCode(),
        );
        self::assertSame(422, $this->ask('GET', '/api/artwork/' . $sha256 . '/bent')->getStatusCode());
        self::assertSame(
            200,
            $this->ask(
                'GET',
                '/api/artwork/' .
                    $sha256 .
                    '/bent?' .
                    Bend::forSize(\Wubbin\Core\Measure\Size::mm(80.0, 64.0), 0.4)->toQuery(),
            )->getStatusCode(),
        );
    }

    public function testTheTemplateOfARoundPieceIsAPdfAndAFlatOneHasNone(): void
    {
        $id = $this->readyJob();
        self::assertSame(422, $this->ask('GET', '/api/jobs/' . $id . '/template.pdf')->getStatusCode());
        $revision = $this->read($this->ask('GET', '/api/jobs/' . $id))->integer('revision');
        $this->read(
            $this->ask('PATCH', '/api/jobs/' . $id, [
                'revision' => $revision,
                'changes' => ['kind' => 'mug', 'size' => 'mug-tapered'],
                'transfer' => 0,
            ]),
        );
        $pdf = $this->ask('GET', '/api/jobs/' . $id . '/template.pdf');
        self::assertSame(200, $pdf->getStatusCode());
        self::assertStringStartsWith('%PDF-', (string) $pdf->getContent());
    }
}
