<?php

declare(strict_types=1);

namespace Wubbin\Tests\Ready;

use Symfony\Component\HttpFoundation\File\UploadedFile;
use Wubbin\Archive\SheetArchive;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Tests\Slice;
use Wubbin\Task\OutsideProgram;
use Wubbin\Task\TaskQueue;
use Wubbin\Tests\Support\ShopTestCase;

final class NamesApiTest extends ShopTestCase
{
    private const ROOM = [
        'do' => 'words',
        'text' => null,
        'face' => 'bold',
        'colour' => '#1b3a2a',
        'largest_mm' => 10,
        'smallest_mm' => 5,
        'lines' => 1,
        'align' => 'middle',
        'arch' => 0,
        'where' => 'below',
        'room_width_mm' => 100,
        'room_height_mm' => 18,
        'gap_mm' => 2,
    ];

    /** @param array<string, string> $changes */
    private function change(array $changes, int $status = 200): Record
    {
        $revision = $this->read($this->ask('GET', '/api/jobs/crew'))->integer('revision');

        return $this->read(
            $this->ask('PATCH', '/api/jobs/crew', [
                'revision' => $revision,
                'changes' => $changes,
                'transfer' => 0,
            ]),
            $status,
        );
    }

    private function named(string $names): void
    {
        $this->readyJob();
        $this->change(['width' => '120 mm']);
        $made = $this->read(
            $this->ask('POST', '/api/jobs/crew/ready', ['transfer' => 0, 'steps' => [self::ROOM]]),
            201,
        );
        $this->change(['ready' => $made->string('ready'), 'series' => $names]);
    }

    /** @param array<string, mixed>|null $body */
    private function sheet(string $path, ?array $body = null): Record
    {
        $answer = $this->ask('POST', $path, $body);
        if (202 !== $answer->getStatusCode()) {
            return $this->read($answer, 201);
        }
        $id = $this->read($answer, 202)->string('id');
        $this->service(TaskQueue::class)->workOnNext('test');

        return $this->read($this->ask('GET', '/api/tasks/' . $id))->record('result');
    }

    /** @return list<string> names below the pictures of a sheet's pages, in their order */
    private function printed(Record $sheet): array
    {
        $text = OutsideProgram::run(
            ['pdftotext', '-layout', $this->service(SheetArchive::class)->path($sheet->string('id')), '-'],
            20.0,
        );
        preg_match_all('/\b(Rowan|Juniper|Alder|Hazel)(?:, \w+)?/', $text, $found);

        return $found[0];
    }

    public function testEachPieceHasItsNameOnItsSheet(): void
    {
        $this->named("Rowan\nJuniper; L\nAlder\nHazel; L");
        $view = $this->read($this->ask('GET', '/api/jobs/crew'));
        self::assertSame(4, $view->record('job')->integer('quantity'));
        self::assertTrue($view->record('plan')->boolean('printable'));
        $printed = $this->printed($this->sheet('/api/jobs/crew/sheet'));
        foreach (['Rowan', 'Juniper, L', 'Alder', 'Hazel, L'] as $name) {
            self::assertContains($name, $printed);
        }
    }

    public function testASpoiltNameIsPrintedAgainAlone(): void
    {
        $this->named("Rowan\nJuniper\nAlder\nHazel");
        $this->sheet('/api/jobs/crew/sheet');
        $again = $this->sheet('/api/jobs/crew/sheet/some', ['pieces' => 1, 'names' => [3]]);
        self::assertSame(['Alder'], array_values(array_unique($this->printed($again))));
        $this->read($this->ask('POST', '/api/jobs/crew/sheet/some', ['pieces' => 1, 'names' => [9]]), 422);
    }

    public function testTheBenchKnowsWhosePieceItIs(): void
    {
        $this->named("Rowan\nJuniper\nAlder");
        $this->read($this->ask('POST', '/api/jobs/crew/runs', ['id' => 'r1', 'pieces' => 2]), 201);
        $run = $this->read($this->ask('GET', '/api/runs/r1'));
        self::assertSame([1 => 'Rowan', 2 => 'Juniper'], $run->record('names')->raw());
        $this->read($this->ask('POST', '/api/jobs/crew/runs', ['id' => 'r2', 'pieces' => 1]), 201);
        self::assertSame(
            ['Alder'],
            array_values($this->read($this->ask('GET', '/api/runs/r2'))->record('names')->raw()),
        );
        $states = array_map(
            static fn(Record $one): string => $one->string('state'),
            $this->read($this->ask('GET', '/api/jobs/crew/names'))->records('names'),
        );
        self::assertSame(['made', 'made', 'made'], $states);
    }

    public function testThoseThatNeedALookComeFirst(): void
    {
        $this->named("Rowan\nA name that is much too long for a room of a hundred millimetres\n王小明");
        $names = $this->read($this->ask('GET', '/api/jobs/crew/names'))->records('names');
        self::assertSame([3, 2, 1], array_map(static fn(Record $one): int => $one->integer('number'), $names));
        self::assertSame(['王', '小', '明'], $names[0]->strings('missing'));
        self::assertTrue($names[1]->boolean('too_long'));
        $refused = $this->read($this->ask('POST', '/api/jobs/crew/sheet'), 422);
        self::assertStringContainsString('王小明', $refused->string('title'));
    }

    public function testABadListIsToldAtItsLineAndNothingIsLost(): void
    {
        $this->named("Rowan\nJuniper");
        $problem = $this->change(['series' => "Rowan\nJuniper; XXXXL"], 422);
        self::assertStringContainsString('Line 2', $problem->record('errors')->string('series'));
        self::assertSame("Rowan\nJuniper", $this->read($this->ask('GET', '/api/jobs/crew/names'))->string('typed'));
    }

    public function testAPieceMayHaveAPictureOfItsOwn(): void
    {
        $this->named("Rowan\nJuniper");
        $this->read($this->upload(self::PROJECT . '/demo/artwork/apple-wheel.png', 'apple-wheel.png'), 201);
        $series = $this->change(['series' => "Rowan; Apple-Wheel.png\nJuniper"])
            ->record('job')
            ->records('series');
        self::assertTrue($series[0]->has('picture'));
        self::assertFalse($series[1]->has('picture'));
        self::assertSame(
            "Rowan; apple-wheel.png\nJuniper",
            $this->read($this->ask('GET', '/api/jobs/crew/names'))->string('typed'),
        );
        $sheet = $this->sheet('/api/jobs/crew/sheet');
        $images = OutsideProgram::run(
            ['pdfimages', '-list', $this->service(SheetArchive::class)->path($sheet->string('id'))],
            20.0,
        );
        self::assertSame(1, preg_match_all('/^\s+\d+\s+\d+ image/m', $images), $images);
    }

    public function testThousandsOfNamesAreTaken(): void
    {
        $most = Slice::isWhole() ? 5000 : 1000;
        $this->named('Row {1–' . $most . '}');
        $names = $this->read($this->ask('GET', '/api/jobs/crew/names'))->records('names');
        self::assertCount($most, $names);
        self::assertNotSame('', $names[0]->string('path'));
        self::assertSame('', $names[$most - 1]->string('path'));
    }

    public function testATableIsReadIntoAList(): void
    {
        $file = $this->data . '/crew.csv';
        file_put_contents($file, "Name;Size\nRowan;M\nJuniper;L\n");
        $read = $this->read(
            $this->ask('POST', '/api/names/read', file: new UploadedFile($file, 'crew.csv', test: true)),
        );
        self::assertSame("Rowan; M\nJuniper; L", $read->string('typed'));
        $empty = $this->data . '/empty.csv';
        file_put_contents($empty, '');
        $this->read(
            $this->ask('POST', '/api/names/read', file: new UploadedFile($empty, 'empty.csv', test: true)),
            422,
        );
    }
}
