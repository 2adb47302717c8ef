<?php

declare(strict_types=1);

namespace Wubbin\Tests\Artwork;

use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\Attributes\TestWith;
use Wubbin\Task\TaskQueue;
use Wubbin\Tests\Support\Pictures;
use Wubbin\Tests\Support\ShopTestCase;

#[Group('reading')]
final class BackgroundTest extends ShopTestCase
{
    protected const READS_ANEW = true;

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

    /** Lines over a photograph: shown first, then taken away, and the photograph is kept. */
    public function testAThingIsCutOutByLinesDrawnOverIt(): void
    {
        $photo = $this->meadow();
        $wish = ['tolerance' => 0, 'islands' => false, 'strokes' => 'keep 0.02 0.42 0.5 0.58 0.5'];
        $veil = new \Imagick();
        $veil->readImageBlob(
            (string) $this->ask('POST', '/api/artwork/' . $photo . '/background', $wish)->getContent(),
        );
        [$wide, $high] = [$veil->getImageWidth(), $veil->getImageHeight()];
        $alpha = static fn(float $x, float $y): float => $veil
            ->getImagePixelColor((int) ($x * $wide), (int) ($y * $high))
            ->getColorValue(\Imagick::COLOR_ALPHA);
        self::assertGreaterThan(0.5, $alpha(0.05, 0.05));
        self::assertSame(0.0, $alpha(0.5, 0.5));
        $cut = $this->read($this->ask('POST', '/api/artwork/' . $photo . '/without-background', $wish), 201);
        self::assertSame($photo, $cut->string('made_of'));
        self::assertEqualsWithDelta([300.0, 300.0], [$cut->number('width'), $cut->number('height')], 12.0);
    }

    #[TestWith(['remove 0.02 0.1 0.1', 'Draw a line over what you want to keep'])]
    #[TestWith(['keep 0.02 0.1', 'Draw it again'])]
    public function testLinesThatTellNothingAreRefused(string $strokes, string $says): void
    {
        $problem = $this->read(
            $this->ask('POST', '/api/artwork/' . $this->meadow() . '/background', [
                'tolerance' => 0,
                'islands' => false,
                'strokes' => $strokes,
            ]),
            422,
        );
        self::assertStringContainsString($says, $problem->record('errors')->string('strokes'));
    }

    /** A white page behind a drawing goes too: the drawing is made of pixels then. */
    public function testADrawingLosesItsWhitePage(): void
    {
        file_put_contents(
            $this->data . '/in',
            '<svg xmlns="http://www.w3.org/2000/svg" width="200" height="100"><rect width="200" height="100" ' .
                'fill="#fff"/><circle cx="100" cy="50" r="40" fill="#c8102e"/></svg>',
        );
        $whole = $this->read($this->upload($this->data . '/in', 'disc.svg'), 201);
        $task = $this->read(
            $this->ask('POST', '/api/artwork/' . $whole->string('sha256') . '/without-background', [
                'tolerance' => 12,
                'islands' => false,
            ]),
            202,
        );
        $this->service(TaskQueue::class)->workOnNext('test');
        $cut = $this->read($this->ask('GET', '/api/tasks/' . $task->string('id')))->record('result');
        self::assertSame('raster', $cut->string('kind'));
        // Two fifths of 3000 pixels.
        self::assertEqualsWithDelta([1200.0, 1200.0], [$cut->number('width'), $cut->number('height')], 15.0);
    }

    /** An orange disc on green noise. */
    private function meadow(): string
    {
        $image = new \Imagick();
        $image->newPseudoImage(640, 480, 'plasma:green-darkgreen');
        $draw = new \ImagickDraw();
        $draw->setFillColor('#d08020');
        $draw->circle(320, 240, 470, 240);
        $image->drawImage($draw);

        return $this->read($this->upload(Pictures::save($image, 'jpeg', $this->data . '/in')), 201)->string('sha256');
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
