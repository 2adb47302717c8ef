<?php

declare(strict_types=1);

namespace Wubbin\Tests\Artwork;

use PHPUnit\Framework\Attributes\TestWith;
use Wubbin\Tests\Support\Pictures;
use Wubbin\Tests\Support\ShopTestCase;

final class BackgroundTest extends ShopTestCase
{
    #[TestWith(['png'])]
    #[TestWith(['jpeg'])]
    public function testItIsTakenAwayAndThePictureItWasMadeOfIsKept(string $format): void
    {
        $whole = $this->disc($format);
        $cut = $this->read(
            $this->ask('POST', '/api/artwork/' . $whole . '/without-background', [
                'tolerance' => 12,
                'islands' => false,
            ]),
            201,
        );
        self::assertSame($whole, $cut->string('made_of'));
        // A disc of radius 100 is left of 400 × 300 pixels.
        self::assertEqualsWithDelta([200.0, 200.0], [$cut->number('width'), $cut->number('height')], 6.0);
        $sha256 = $cut->string('sha256');
        $preview = new \Imagick($this->data . '/files/' . substr($sha256, 0, 2) . '/' . $sha256 . '/preview.png');
        self::assertSame(0.0, $preview->getImagePixelColor(2, 2)->getColorValue(\Imagick::COLOR_ALPHA));
        self::assertSame(
            1.0,
            $preview
                ->getImagePixelColor(intdiv($preview->getImageWidth(), 2), intdiv($preview->getImageHeight(), 2))
                ->getColorValue(\Imagick::COLOR_ALPHA),
        );
        self::assertSame(200, $this->ask('GET', '/api/artwork/' . $whole . '/preview')->getStatusCode());
    }

    public function testOnTheJobItStaysWhereItWas(): void
    {
        $id = $this->readyJob();
        $whole = $this->disc('png');
        $view = $this->read($this->change($id, $this->revision($id), ['artwork' => $whole, 'width' => '200 mm']));
        $cut = $this->read(
            $this->ask('POST', '/api/artwork/' . $whole . '/without-background', [
                'tolerance' => 12,
                'islands' => false,
            ]),
            201,
        );
        $view = $this->read($this->change($id, $view->integer('revision'), ['artwork' => $cut->string('sha256')]));
        $placed = $view->record('plan')->records('transfers')[0]->record('placed');
        self::assertEqualsWithDelta(100.0, $placed->number('width_mm'), 1.5, 'half of 200 mm is left');
        $view = $this->read($this->change($id, $view->integer('revision'), ['artwork' => $whole]));
        self::assertEqualsWithDelta(
            200.0,
            $view->record('plan')->records('transfers')[0]->record('placed')->number('width_mm'),
            0.01,
        );
    }

    public function testWhatWouldGoIsShownFirst(): void
    {
        $veil = new \Imagick();
        $veil->readImageBlob(
            (string) $this->ask(
                'GET',
                '/api/artwork/' . $this->disc('png') . '/background?tolerance=12&islands=0',
            )->getContent(),
        );
        self::assertGreaterThan(0.5, $veil->getImagePixelColor(3, 3)->getColorValue(\Imagick::COLOR_ALPHA));
        self::assertSame(
            0.0,
            $veil
                ->getImagePixelColor(intdiv($veil->getImageWidth(), 2), intdiv($veil->getImageHeight(), 2))
                ->getColorValue(\Imagick::COLOR_ALPHA),
        );
    }

    #[TestWith([101])]
    #[TestWith([-1])]
    public function testATolerancePastItsEndsIsRefused(int $tolerance): void
    {
        $problem = $this->read(
            $this->ask('POST', '/api/artwork/' . $this->disc('png') . '/without-background', [
                'tolerance' => $tolerance,
                'islands' => false,
            ]),
            422,
        );
        self::assertStringContainsString('from 0 to 100', $problem->record('errors')->string('tolerance'));
    }

    public function testWhereThereIsNoneItSaysSo(): void
    {
        $noise = new \Imagick();
        $noise->newImage(300, 200, 'gray');
        $noise->addNoiseImage(\Imagick::NOISE_RANDOM);
        $sha256 = $this->read($this->upload(Pictures::save($noise, 'png', $this->data . '/in')), 201)->string('sha256');
        $problem = $this->read(
            $this->ask('POST', '/api/artwork/' . $sha256 . '/without-background', [
                'tolerance' => 1,
                'islands' => false,
            ]),
            422,
        );
        self::assertStringContainsString('more than one colour', $problem->record('errors')->string('tolerance'));
        $this->read(
            $this->ask('POST', '/api/artwork/' . str_repeat('0', 64) . '/without-background', [
                'tolerance' => 1,
                'islands' => false,
            ]),
            404,
        );
    }

    private function disc(string $format): string
    {
        $image = new \Imagick();
        $image->newImage(400, 300, 'white');
        $draw = new \ImagickDraw();
        $draw->setFillColor('#c8102e');
        $draw->circle(200, 150, 300, 150);
        $image->drawImage($draw);

        return $this->read($this->upload(Pictures::save($image, $format, $this->data . '/in')), 201)->string('sha256');
    }

    private function revision(string $id): int
    {
        return $this->read($this->ask('GET', '/api/jobs/' . $id))->integer('revision');
    }

    /** @param array<string, string> $changes */
    private function change(string $id, int $revision, array $changes): \Symfony\Component\HttpFoundation\Response
    {
        return $this->ask('PATCH', '/api/jobs/' . $id, ['revision' => $revision, 'changes' => $changes]);
    }
}
