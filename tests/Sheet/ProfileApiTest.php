<?php

declare(strict_types=1);

namespace Wubbin\Tests\Sheet;

use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Component\HttpFoundation\Response;
use Wubbin\Tests\Support\ShopTestCase;

final class ProfileApiTest extends ShopTestCase
{
    /** Of an offset press, as Ghostscript ships it: smaller than a screen's colours in green and blue. */
    private const PRESS = '/usr/share/color/icc/ghostscript/ps_cmyk.icc';
    private const SCREEN = '/usr/share/color/icc/sRGB.icc';

    private function profile(string $file): Response
    {
        $copy = $this->data . '/profile-' . bin2hex(random_bytes(4));
        copy($file, $copy);

        return $this->ask(
            'POST',
            '/api/printers/' . $this->printer() . '/profile',
            file: new UploadedFile($copy, 'press.icc', test: true),
        );
    }

    private function printer(): string
    {
        return $this->rows('/api/printers')[0]->string('id');
    }

    private function showing(string $colour): void
    {
        $image = new \Imagick();
        $image->newImage(400, 400, $colour, 'png');
        $file = $this->data . '/' . trim($colour, '#') . '.png';
        $image->writeImage('png:' . $file);
        $sha256 = $this->read($this->upload($file, 'flat.png'), 201)->string('sha256');
        $revision = $this->read($this->ask('GET', '/api/jobs/crew'))->integer('revision');
        $this->read(
            $this->ask('PATCH', '/api/jobs/crew', [
                'revision' => $revision,
                'changes' => ['artwork' => $sha256, 'marking' => $this->printer()],
                'transfer' => 0,
            ]),
        );
    }

    public function testWhatAPrinterCannotPrintIsShown(): void
    {
        $this->readyJob();
        self::assertSame(204, $this->profile(self::PRESS)->getStatusCode());
        // Screen green is out of reach of any press's inks; a middle grey is not: common practice, no source.
        $this->showing('#00ff00');
        $beyond = $this->read($this->ask('GET', '/api/jobs/crew/reach/0'));
        self::assertSame('press.icc', $beyond->string('profile'));
        self::assertGreaterThan(0.95, $beyond->number('share'));
        $this->showing('#808080');
        self::assertLessThan(0.05, $this->read($this->ask('GET', '/api/jobs/crew/reach/0'))->number('share'));
    }

    public function testOnlyThePrinterProfileIsTaken(): void
    {
        $this->readyJob();
        self::assertTrue($this->read($this->profile(self::SCREEN), 422)->record('errors')->has('file'));
        $this->read($this->profile(self::PROJECT . '/demo/artwork/blossom.svg'), 422);
        $this->profile(self::PRESS);
        $this->ask('DELETE', '/api/printers/' . $this->printer() . '/profile');
        self::assertNull($this->read($this->ask('GET', '/api/jobs/crew/reach/0'))->stringOrNull('profile'));
    }
}
