<?php

declare(strict_types=1);

namespace Wubbin\Tests\Sheet;

use PHPUnit\Framework\Attributes\TestWith;
use Wubbin\Core\Measure\Record;
use Wubbin\Task\TaskQueue;
use Wubbin\Task\Worked;
use Wubbin\Tests\Support\Pictures;
use Wubbin\Tests\Support\ShopTestCase;

/** Printers, their feed tests, and the print queue with the simulated printer and a spooler. */
final class PrintApiTest extends ShopTestCase
{
    private const DPMM = 60.0 / 25.4;

    private string $path = '';

    protected function setUp(): void
    {
        parent::setUp();
        $this->path = (string) getenv('PATH');
        $this->readyJob();
    }

    protected function tearDown(): void
    {
        putenv('PATH=' . $this->path);
        parent::tearDown();
    }

    /** A job whose sheet is made: quarters of colour on film, which come out mirrored. */
    private function sheet(): Record
    {
        $sha256 = $this->read(
            $this->upload(
                Pictures::save(Pictures::quarters(600, 400), 'png', $this->data . '/quarters.png'),
                'quarters.png',
            ),
            201,
        )->string('sha256');
        $this->read(
            $this->ask('POST', '/api/jobs', [
                'id' => 'quarters',
                'name' => 'Quarters',
                'changes' => ['artwork' => $sha256, 'width' => '150 mm'],
            ]),
            201,
        );
        $this->read($this->ask('POST', '/api/jobs/quarters/sheet'), 201);

        return $this->rows('/api/sheets')[0];
    }

    /** @param array<string, mixed> $how */
    private function print(Record $sheet, array $how = []): Record
    {
        $group = $sheet->records('groups')[0];
        $wish = $how + [
            'sheet' => $sheet->string('id'),
            'pages' => [1],
            'marking' => $group->string('marking'),
            'tray' => 'rear',
            'device' => 'simulated',
            'lies' => 'up',
            'driver_mirrors' => false,
        ];
        $id = $this->read($this->ask('POST', '/api/prints', $wish), 202)->string('id');
        $this->service(TaskQueue::class)->workOnNext('test');

        return $this->read($this->ask('GET', '/api/tasks/' . $id));
    }

    private function face(Record $print, string $side): \Imagick
    {
        $response = $this->ask('GET', $print->record('result')->records('pages')[0]->record('faces')->string($side));
        self::assertSame(200, $response->getStatusCode());
        ob_start();
        $response->sendContent();
        $image = new \Imagick();
        $image->readImageBlob((string) ob_get_clean());

        return $image;
    }

    /** @return list<string> */
    private static function faults(Record $print): array
    {
        return array_map(
            static fn(Record $fault): string => $fault->string('id'),
            $print->record('result')->records('faults'),
        );
    }

    /**
     * The middle of the upper left quarter of the picture on the sheet.
     *
     * @return array{int, int, int}
     */
    private function upperLeft(\Imagick $image): array
    {
        $picture = $this->read($this->ask('GET', '/api/jobs/quarters'))
            ->record('plan')
            ->records('transfers')[0]
            ->record('sheet')
            ->record('picture');

        return Pictures::at(
            $image,
            ($picture->number('x_mm') + 0.25 * $picture->number('width_mm')) * self::DPMM,
            ($picture->number('y_mm') + 0.25 * $picture->number('height_mm')) * self::DPMM,
        );
    }

    public function testASheetLaidInRightComesOutRight(): void
    {
        $print = $this->print($this->sheet());
        self::assertSame('done', $print->string('state'));
        self::assertSame([], self::faults($print));
        // Red is upper left as it reads, green is there on the mirrored sheet.
        [$r, $g] = $this->upperLeft($this->face($print, 'print'));
        self::assertGreaterThan($r + 60, $g);
        [$r, $g, $b] = $this->upperLeft($this->face($print, 'back'));
        self::assertGreaterThan(180, min($r, $g, $b), 'the back is blank');
    }

    public function testOnTheWrongSideThePrintSideStaysBlank(): void
    {
        $print = $this->print($this->sheet(), ['lies' => 'down']);
        self::assertSame(['wrong-side', 'smeared'], self::faults($print));
        self::assertSame([255, 255, 255], $this->upperLeft($this->face($print, 'print')));
        self::assertNotSame([255, 255, 255], $this->upperLeft($this->face($print, 'back')));
    }

    public function testMirroredTwiceItReadsRightAndIsTold(): void
    {
        $sheet = $this->sheet();
        $print = $this->print($sheet, ['driver_mirrors' => true]);
        self::assertSame(['mirrored-twice'], self::faults($print));
        // The whole page is turned about: what was right of the middle is left of it now.
        $image = $this->face($print, 'print');
        $image->flopImage();
        [$r, $g] = $this->upperLeft($image);
        self::assertGreaterThan($r + 60, $g);
    }

    public function testADriverThatMirrorsGetsAFileThatDoesNot(): void
    {
        $printer = $this->read(
            $this->ask('PUT', '/api/printers/inkjet-dye', [
                'mirrors' => 'driver',
                'largest' => 'a4',
                'trays' => [['id' => 'rear', 'label' => 'rear feeder', 'straight' => true]],
            ]),
        );
        self::assertSame('driver', $printer->string('mirrors'));
        self::assertSame(
            'up',
            $printer->records('trays')[0]->record('feed')->string('prints'),
            'what a test showed of a tray stays',
        );
        $sheet = $this->sheet();
        self::assertTrue($sheet->records('groups')[0]->boolean('in_driver'));
        $right = $this->print($sheet, ['driver_mirrors' => true]);
        self::assertSame([], self::faults($right));
        [$r, $g] = $this->upperLeft($this->face($right, 'print'));
        self::assertGreaterThan($r + 60, $g, 'it comes out mirrored where the plan draws it');
        self::assertSame(['not-mirrored'], self::faults($this->print($sheet)));
    }

    /** @param list<bool> $seen on the pencil's side, at the far end, to the left, reads right */
    #[TestWith([[true, true, true, true], 'up', 'top'])]
    #[TestWith([[false, false, false, true], 'down', 'bottom'])]
    public function testWhatAFeedTestShowedIsRemembered(array $seen, string $prints, string $leads): void
    {
        self::assertSame(
            'application/pdf',
            $this->ask('GET', '/api/printers/laser-mono/trays/slot/test.pdf')->headers->get('Content-Type'),
        );
        [$pencil, $far, $left, $right] = $seen;
        $printer = $this->read(
            $this->ask('POST', '/api/printers/laser-mono/trays/slot/feed', [
                'on_pencil' => $pencil,
                'far' => $far,
                'left' => $left,
                'reads_right' => $right,
            ]),
        );
        self::assertSame(
            ['prints' => $prints, 'leads' => $leads],
            $printer->records('trays')[1]->record('feed')->stringMap(),
        );
        self::assertSame(
            $prints,
            array_values(
                array_filter(
                    $this->rows('/api/printers'),
                    static fn(Record $one): bool => 'laser-mono' === $one->string('id'),
                ),
            )[0]
                ->records('trays')[1]
                ->record('feed')
                ->string('prints'),
        );
    }

    public function testTheSimulatedFeedTestShowsPencilAndX(): void
    {
        $id = $this->read(
            $this->ask('POST', '/api/prints', [
                'marking' => 'laser-mono',
                'tray' => 'slot',
                'device' => 'simulated',
                'lies' => 'up',
                'driver_mirrors' => false,
            ]),
            202,
        )->string('id');
        $this->service(TaskQueue::class)->workOnNext('test');
        $print = $this->read($this->ask('GET', '/api/tasks/' . $id));
        self::assertSame('done', $print->string('state'));
        // A laser usually prints on the side that looks down: the pencil is on the other one.
        $x = static fn(\Imagick $image): int => Pictures::at($image, 20.0 * self::DPMM, 20.0 * self::DPMM)[0];
        $pencil = static fn(\Imagick $image): int => Pictures::at(
            $image,
            $image->getImageWidth() / 2.0,
            $image->getImageHeight() * 0.65,
        )[0];
        self::assertSame([255, true], [$x($this->face($print, 'print')), $pencil($this->face($print, 'print')) < 200]);
        self::assertSame([true, 255], [$x($this->face($print, 'back')) < 100, $pencil($this->face($print, 'back'))]);
    }

    public function testAPrinterTakenAwayInMidQueueLosesNothing(): void
    {
        $sheet = $this->sheet();
        $group = $sheet->records('groups')[0];
        $id = $this->read(
            $this->ask('POST', '/api/prints', [
                'sheet' => $sheet->string('id'),
                'pages' => [1],
                'marking' => $group->string('marking'),
                'tray' => 'rear',
                'device' => 'simulated',
                'lies' => 'up',
                'driver_mirrors' => false,
            ]),
            202,
        )->string('id');
        $this->read(
            $this->ask('POST', '/api/shelf/things', [
                'kind' => 'markings',
                'id' => $group->string('marking'),
                'has' => false,
            ]),
        );
        $this->service(TaskQueue::class)->workOnNext('test');
        $print = $this->read($this->ask('GET', '/api/tasks/' . $id));
        self::assertSame('failed', $print->string('state'));
        self::assertStringContainsString('The sheet is still stored', $print->record('result')->string('title'));
        self::assertSame(200, $this->ask('GET', $sheet->string('url'))->getStatusCode());
        self::assertSame($id, $this->rows('/api/prints')[0]->string('id'));
    }

    public function testAPrintIsCancelledBeforeItBegins(): void
    {
        $sheet = $this->sheet();
        $id = $this->read(
            $this->ask('POST', '/api/prints', [
                'sheet' => $sheet->string('id'),
                'pages' => [1],
                'marking' => 'inkjet-dye',
                'tray' => 'rear',
                'device' => 'simulated',
                'lies' => 'up',
                'driver_mirrors' => false,
            ]),
            202,
        )->string('id');
        $this->read($this->ask('DELETE', '/api/tasks/' . $id));
        self::assertSame(Worked::Nothing, $this->service(TaskQueue::class)->workOnNext('test'));
        self::assertSame('cancelled', $this->rows('/api/prints')[0]->string('state'));
    }

    public function testWhatCannotBePrintedIsToldAtItsField(): void
    {
        $sheet = $this->sheet();
        self::assertSame(
            404,
            $this->ask('POST', '/api/prints', [
                'sheet' => '00000000-0000-4000-8000-000000000000',
                'pages' => [1],
                'marking' => 'inkjet-dye',
                'tray' => 'rear',
                'device' => 'simulated',
                'lies' => 'up',
                'driver_mirrors' => false,
            ])->getStatusCode(),
        );
        self::assertTrue(
            $this->read(
                $this->ask('POST', '/api/prints', [
                    'sheet' => $sheet->string('id'),
                    'pages' => [1],
                    'marking' => 'inkjet-dye',
                    'tray' => 'rear',
                    'device' => 'lp:gone',
                    'lies' => 'up',
                    'driver_mirrors' => false,
                ]),
                422,
            )
                ->record('errors')
                ->has('device'),
        );
        self::assertStringContainsString(
            'no such page',
            $this->print($sheet, ['pages' => [7]])
                ->record('result')
                ->string('title'),
        );
        self::assertStringContainsString(
            'Choose the pages',
            $this->print($sheet, ['pages' => []])
                ->record('result')
                ->string('title'),
        );
        self::assertStringContainsString(
            'tray',
            $this->print($sheet, ['tray' => 'nowhere'])
                ->record('result')
                ->string('title'),
        );
    }

    public function testPrintsAndPrintersThatAreNotThereAreNotFound(): void
    {
        $this->sheet();
        self::assertSame(404, $this->ask('GET', '/api/prints/0123456789abcdef/1-print.png')->getStatusCode());
        self::assertSame(
            422,
            $this->ask('PUT', '/api/printers/inkjet-dye', [
                'mirrors' => 'file',
                'largest' => 'a4',
                'trays' => [],
            ])->getStatusCode(),
        );
        self::assertSame(
            404,
            $this->ask('PUT', '/api/printers/marker', [
                'mirrors' => 'file',
                'largest' => 'a4',
                'trays' => [],
            ])->getStatusCode(),
        );
    }

    /** A spooler of its own stands first in the path, and writes down what it is told. */
    private function spooler(string $lp): void
    {
        mkdir($this->data . '/bin');
        file_put_contents($this->data . '/bin/lpstat', "#!/bin/sh\necho barn_inkjet\n");
        file_put_contents(
            $this->data . '/bin/lp',
            "#!/bin/sh\necho \"$@\" > " . escapeshellarg($this->data . '/lp.txt') . "\n" . $lp . "\n",
        );
        chmod($this->data . '/bin/lpstat', 0o700);
        chmod($this->data . '/bin/lp', 0o700);
        // What is asked of a printer is asked of nobody.
        file_put_contents($this->data . '/bin/ipptool', "#!/bin/sh\nexit 1\n");
        chmod($this->data . '/bin/ipptool', 0o700);
        putenv('PATH=' . $this->data . '/bin:' . $this->path);
    }

    public function testTheSystemsSpoolerIsGivenTheFileUnscaled(): void
    {
        $sheet = $this->sheet();
        $this->spooler('exit 0');
        self::assertSame(
            ['simulated', 'pdf', 'lp:barn_inkjet'],
            array_map(static fn(Record $one): string => $one->string('id'), $this->rows('/api/print/devices')),
        );
        self::assertSame('done', $this->print($sheet, ['device' => 'lp:barn_inkjet'])->string('state'));
        $told = (string) file_get_contents($this->data . '/lp.txt');
        self::assertMatchesRegularExpression(
            '/^-d barn_inkjet -t .+ -P 1 -o print-scaling=none -o sides=one-sided -o media-col=\{media-size=\{' .
                'x-dimension=21000 y-dimension=29700\}\} -- \S+\.pdf$/',
            trim($told),
        );
    }

    public function testASpoolerThatRefusesSaysWhy(): void
    {
        $sheet = $this->sheet();
        $this->spooler('echo "out of paper" >&2; exit 1');
        $print = $this->print($sheet, ['device' => 'lp:barn_inkjet']);
        self::assertSame('failed', $print->string('state'));
        self::assertStringContainsString('out of paper', $print->record('result')->string('title'));
    }

    public function testASheetThatWouldSpoilThePrinterIsNotHandedToIt(): void
    {
        $sheet = $this->sheet();
        $this->spooler('exit 0');
        $print = $this->print($sheet, ['device' => 'lp:barn_inkjet', 'marking' => 'laser-mono', 'tray' => 'drawer']);
        self::assertSame('failed', $print->string('state'));
        self::assertStringContainsString('damage the printer', $print->record('result')->string('title'));
        self::assertFileDoesNotExist($this->data . '/lp.txt');
    }
}
