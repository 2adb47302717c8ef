<?php

declare(strict_types=1);

namespace Wubbin\Tests\Sheet;

use Symfony\Component\Process\Process;
use Wubbin\Core\Measure\Record;
use Wubbin\Task\TaskQueue;
use Wubbin\Tests\Support\Pictures;
use Wubbin\Tests\Support\ShopTestCase;

/** Jobs that share sheets, from choosing them to the PDF, which is rendered with poppler and looked at. */
final class GangApiTest extends ShopTestCase
{
    /** @param array<string, mixed> $body */
    private function done(string $path, array $body = []): Record
    {
        $id = $this->read($this->ask('POST', $path, $body), 202)->string('id');
        $this->service(TaskQueue::class)->workOnNext('test');

        return $this->read($this->ask('GET', '/api/tasks/' . $id));
    }

    private function job(string $id, string $width): void
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
                'id' => $id,
                'name' => 'Job ' . $id,
                'changes' => ['artwork' => $sha256, 'width' => $width, 'quantity' => '5'],
            ]),
            201,
        );
    }

    public function testJobsAreLaidOutAndMadeAsOnePdf(): void
    {
        $this->readyJob();
        $this->job('one', '60 mm');
        $this->job('two', '85 mm');
        $task = $this->done('/api/gangs', [
            'jobs' => ['one', 'two'],
            'gap' => '3 mm',
            'seconds' => 0.5,
            'offcuts' => false,
        ]);
        self::assertSame('done', $task->string('state'));
        $lot = $task->record('result')->records('lots')[0];
        self::assertTrue($lot->boolean('mirrored'));
        self::assertSame(
            10,
            array_sum(
                array_map(static fn(Record $sheet): int => count($sheet->records('places')), $lot->records('sheets')),
            ),
        );

        $this->assertCutLinesTouchTheirPlaces($task, $lot);
        self::assertSame(404, $this->ask('GET', '/api/gangs/' . $task->string('id') . '/7/0/cut.svg')->getStatusCode());

        $made = $this->done('/api/gangs/' . $task->string('id') . '/sheets');
        self::assertSame('done', $made->string('state'));
        $pdf = $this->ask('GET', $made->record('result')->string('url'));
        ob_start();
        $pdf->sendContent();
        file_put_contents($this->data . '/gang.pdf', (string) ob_get_clean());
        (new Process(['pdftoppm', '-r', '127', '-png', $this->data . '/gang.pdf', $this->data . '/page']))->mustRun();
        $pages = (array) glob($this->data . '/page*.png');
        self::assertCount(count($lot->records('sheets')), $pages);

        foreach ($lot->records('sheets') as $n => $sheet) {
            $this->assertPiecesLieOn(new \Imagick((string) $pages[$n]), $sheet, $lot);
        }
        self::assertCount(1, $this->rows('/api/sheets'), 'one sheet, whichever of its jobs it is asked for');
        self::assertSame(
            $this->read($this->ask('GET', '/api/jobs/one'))->record('plan')->string('id'),
            $this->read($this->ask('GET', '/api/jobs/one'))->record('printed')->string('plan'),
        );
    }

    private function assertCutLinesTouchTheirPlaces(Record $task, Record $lot): void
    {
        $svg = simplexml_load_string(
            (string) $this->ask('GET', '/api/gangs/' . $task->string('id') . '/0/0/cut.svg')->getContent(),
        );
        self::assertNotFalse($svg);
        self::assertSame('210.000mm', (string) $svg['width']);
        $first = $lot->records('sheets')[0]->records('places');
        self::assertCount(count($first), $svg->path ?? []);
        foreach ($first as $i => $place) {
            // A rectangle's path touches its place on all four sides.
            $points = array_map(
                static fn(string $pair): array => array_map(floatval(...), explode(' ', $pair)),
                explode('L', trim((string) ($svg->path[$i]['d'] ?? ''), 'MZ')),
            );
            [$xs, $ys] = [array_column($points, 0), array_column($points, 1)];
            self::assertEqualsWithDelta(
                [
                    $place->number('x_mm'),
                    $place->number('y_mm'),
                    $place->number('width_mm'),
                    $place->number('height_mm'),
                ],
                [
                    min([\INF, ...$xs]),
                    min([\INF, ...$ys]),
                    max([0.0, ...$xs]) - min([\INF, ...$xs]),
                    max([0.0, ...$ys]) - min([\INF, ...$ys]),
                ],
                0.02,
            );
        }
    }

    /** 127 dpi are five pixels to a millimetre. Mirrored: green is left above, red right above. */
    private function assertPiecesLieOn(\Imagick $page, Record $sheet, Record $lot): void
    {
        foreach ($sheet->records('places') as $place) {
            $piece = array_values(
                array_filter(
                    $lot->records('pieces'),
                    static fn(Record $piece): bool => $piece->string('id') === $place->string('piece'),
                ),
            )[0];
            $picture = $piece->record('picture');
            foreach (
                [[0.25, 0.25, '#20a040'], [0.75, 0.25, '#d02020'], [0.25, 0.75, '#e0c020'], [0.75, 0.75, '#2040c0']]
                as [$across, $down, $colour]
            ) {
                [$px, $py] = [
                    $picture->number('x_mm') + $across * $picture->number('width_mm'),
                    $picture->number('y_mm') + $down * $picture->number('height_mm'),
                ];
                [$x, $y] = [$px, $py];
                [$wide, $high] = [$piece->number('width_mm'), $piece->number('height_mm')];
                for ($turn = 0; $turn < $place->integer('quarters'); ++$turn) {
                    // With the clock: its left is above then.
                    [$x, $y, $wide, $high] = [$high - $y, $x, $high, $wide];
                }
                [$x, $y] = [$place->number('x_mm') + $x, $place->number('y_mm') + $y];
                $seen = $page->getImagePixelColor((int) round(5.0 * $x), (int) round(5.0 * $y))->getColor();
                foreach (['r' => 1, 'g' => 3, 'b' => 5] as $channel => $at) {
                    self::assertEqualsWithDelta(
                        hexdec(substr($colour, $at, 2)),
                        $seen[$channel],
                        12.0,
                        $place->string('piece'),
                    );
                }
            }
        }
    }

    public function testOffcutsOfTheShelfAreUsedFirstAndAreGoneThen(): void
    {
        $this->readyJob();
        $this->job('one', '60 mm');
        self::assertSame(
            422,
            $this->ask('POST', '/api/shelf/offcuts', [
                'medium' => 'film-clear-a4',
                'width_mm' => 30,
                'height_mm' => 120,
            ])->getStatusCode(),
        );
        $kept = $this->read(
            $this->ask('POST', '/api/shelf/offcuts', [
                'medium' => 'film-clear-a4',
                'width_mm' => 190.7,
                'height_mm' => 160.2,
            ]),
            201,
        )
            ->record('paper')
            ->records('offcuts');
        $this->read($this->ask('DELETE', '/api/shelf/offcuts/' . $kept[0]->string('id')));
        self::assertSame(
            [190.0, 160.0],
            [$kept[count($kept) - 1]->number('width_mm'), $kept[count($kept) - 1]->number('height_mm')],
        );
        $task = $this->done('/api/gangs', ['jobs' => ['one'], 'gap' => '3 mm', 'seconds' => 0.5]);
        $lot = $task->record('result')->records('lots')[0];
        self::assertSame(0, $lot->integer('whole'));
        $offcut = $lot->records('sheets')[0]->string('offcut');
        self::assertSame('done', $this->done('/api/gangs/' . $task->string('id') . '/sheets')->string('state'));
        $left = $this->read($this->ask('GET', '/api/shelf'))->record('paper')->records('offcuts');
        self::assertNotContains($offcut, array_map(static fn(Record $one): string => $one->string('id'), $left));
    }

    public function testTooFewSheetsOfTheShelfAreTold(): void
    {
        $this->readyJob();
        $this->job('one', '150 mm');
        self::assertTrue(
            $this->read($this->ask('POST', '/api/shelf/sheets', ['medium' => 'film-clear-a4', 'count' => 'some']), 422)
                ->record('errors')
                ->has('count'),
        );
        $this->read($this->ask('POST', '/api/shelf/sheets', ['medium' => 'film-clear-a4', 'count' => '1']));
        $lot = $this->done('/api/gangs', ['jobs' => ['one'], 'gap' => '3 mm', 'seconds' => 0.5, 'offcuts' => false])
            ->record('result')
            ->records('lots')[0];
        self::assertSame($lot->integer('whole') - 1, $lot->integer('short'));
        $this->read($this->ask('POST', '/api/shelf/sheets', ['medium' => 'film-clear-a4', 'count' => '']));
        self::assertSame(
            0,
            $this->done('/api/gangs', ['jobs' => ['one'], 'gap' => '3 mm', 'seconds' => 0.5, 'offcuts' => false])
                ->record('result')
                ->records('lots')[0]
                ->integer('short'),
        );
    }

    public function testSpareRoomTakesLaterJobsAndSwatchesAndPinsStay(): void
    {
        $this->readyJob();
        $this->job('one', '60 mm');
        $this->job('two', '40 mm');
        $first = $this->done('/api/gangs', ['jobs' => ['one'], 'gap' => '3 mm', 'seconds' => 0.5, 'offcuts' => false])
            ->record('result')
            ->records('lots')[0];
        $piece = $first->records('pieces')[0]->string('id');
        $task = $this->done('/api/gangs', [
            'jobs' => ['one'],
            'gap' => '3 mm',
            'seconds' => 0.5,
            'offcuts' => false,
            'later' => ['two'],
            'swatches' => true,
            'pins' => [
                [
                    'lot' => $first->string('id'),
                    'piece' => $piece,
                    'sheet' => 0,
                    'x_mm' => 70.5,
                    'y_mm' => 120.25,
                    'quarters' => 0,
                ],
            ],
        ]);
        $places = $task->record('result')->records('lots')[0]->records('sheets')[0]->records('places');
        $of = static fn(string $what): array => array_values(
            array_filter($places, static fn(Record $place): bool => $place->boolean($what)),
        );
        self::assertSame([70.5, 120.25], [$of('pinned')[0]->number('x_mm'), $of('pinned')[0]->number('y_mm')]);
        $spare = array_count_values(
            array_map(static fn(Record $place): string => $place->string('piece'), $of('spare')),
        );
        self::assertCount(2, $spare, 'of the later job, and swatches');
        $made = $this->done('/api/gangs/' . $task->string('id') . '/sheets');
        self::assertSame('done', $made->string('state'));
        self::assertNull(
            $this->read($this->ask('GET', '/api/jobs/two'))->recordOrNull('printed'),
            'the later job still has its own sheets to come',
        );
        $bad = $this->done('/api/gangs', [
            'jobs' => ['one'],
            'gap' => '3 mm',
            'seconds' => 0.5,
            'pins' => [
                [
                    'lot' => $first->string('id'),
                    'piece' => $piece,
                    'sheet' => 0,
                    'x_mm' => 190,
                    'y_mm' => 10,
                    'quarters' => 0,
                ],
            ],
        ]);
        self::assertStringContainsString('over the edge', $bad->record('result')->record('errors')->string('pins'));
    }

    public function testAPieceThatStandsUprightIsNotTurned(): void
    {
        $this->readyJob();
        $this->job('one', '130 mm');
        $all = static fn(Record $task): array => array_merge(
            ...array_map(
                static fn(Record $sheet): array => array_map(
                    static fn(Record $place): int => $place->integer('quarters'),
                    $sheet->records('places'),
                ),
                $task->record('result')->records('lots')[0]->records('sheets'),
            ),
        );
        $wish = ['jobs' => ['one'], 'gap' => '3 mm', 'seconds' => 0.5, 'offcuts' => false];
        $turned = $this->done('/api/gangs', $wish);
        self::assertContains(1, $all($turned));
        $piece = $turned->record('result')->records('lots')[0]->records('pieces')[0]->string('id');
        self::assertSame(
            [0],
            array_values(array_unique($all($this->done('/api/gangs', $wish + ['upright' => [$piece]])))),
        );
    }

    public function testAPictureInPartsIsNotGanged(): void
    {
        $this->readyJob();
        $revision = $this->read($this->ask('GET', '/api/jobs/crew'))->integer('revision');
        $view = $this->read(
            $this->ask('PATCH', '/api/jobs/crew', [
                'revision' => $revision,
                'changes' => [
                    'kind' => 'apron',
                    'size' => 'picking-apron',
                    'material' => 'polyester',
                    'route' => 'sublimation',
                    'width' => '600 mm',
                ],
                'transfer' => 0,
            ]),
        );
        self::assertTrue($view->record('plan')->boolean('printable'));
        $problem = $this->read(
            $this->ask('POST', '/api/gangs', ['jobs' => ['crew'], 'gap' => '3 mm', 'seconds' => 1]),
            422,
        );
        self::assertStringContainsString('several sheets of its own', $problem->record('errors')->string('jobs'));
    }

    public function testAJobThatWasChangedMeanwhileIsLaidOutAgain(): void
    {
        $this->readyJob();
        $this->job('one', '60 mm');
        $task = $this->done('/api/gangs', ['jobs' => ['one'], 'gap' => '3 mm', 'seconds' => 0.5]);
        $revision = $this->read($this->ask('GET', '/api/jobs/one'))->integer('revision');
        $this->read(
            $this->ask('PATCH', '/api/jobs/one', [
                'revision' => $revision,
                'changes' => ['width' => '70 mm'],
                'transfer' => 0,
            ]),
        );
        $made = $this->done('/api/gangs/' . $task->string('id') . '/sheets');
        self::assertSame('failed', $made->string('state'));
        self::assertStringContainsString(
            'Lay the sheets out again',
            $made->record('result')->record('errors')->string('jobs'),
        );
    }

    public function testWhatCannotBeLaidOutIsToldAtItsField(): void
    {
        $this->readyJob();
        $field = fn(array $body): array => array_keys(
            $this->read(
                $this->ask('POST', '/api/gangs', $body + ['jobs' => ['crew'], 'gap' => '3 mm', 'seconds' => 1]),
                422,
            )
                ->record('errors')
                ->stringMap(),
        );
        self::assertSame(['gap'], $field(['gap' => 'wide']));
        self::assertSame(['jobs'], $field(['jobs' => []]));
        $this->read($this->ask('POST', '/api/jobs', ['id' => 'bare', 'name' => 'Bare', 'changes' => []]), 201);
        self::assertSame(['jobs'], $field(['jobs' => ['bare']]));
        self::assertSame(
            404,
            $this->ask('POST', '/api/gangs', ['jobs' => ['nobody'], 'gap' => '3 mm', 'seconds' => 1])->getStatusCode(),
        );
        $task = $this->done('/api/gangs', ['jobs' => ['crew'], 'gap' => '30 cm', 'seconds' => 1]);
        self::assertSame('failed', $task->string('state'));
        self::assertTrue($task->record('result')->record('errors')->has('gap'));
        self::assertSame(404, $this->ask('POST', '/api/gangs/' . $task->string('id') . '/sheets')->getStatusCode());
    }
}
