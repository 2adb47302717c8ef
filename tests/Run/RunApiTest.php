<?php

declare(strict_types=1);

namespace Wubbin\Tests\Run;

use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Component\HttpFoundation\Response;
use Wubbin\Core\Measure\Record;
use Wubbin\Tests\Support\Pictures;
use Wubbin\Tests\Support\ShopTestCase;

final class RunApiTest extends ShopTestCase
{
    private int $presses = 0;

    public function testAPieceGoesFromTheSheetToTheLogbook(): void
    {
        $run = $this->begin();
        self::assertSame(0, $this->front($run)->integer('position'));
        while (!$this->front($run)->boolean('judging')) {
            $run = $this->step($run);
        }
        $photo = $this->photo();
        $marks = [
            ['defect' => 'missed-patch', 'x' => 0.1, 'y' => 0.9],
            ['defect' => 'lifted-edge', 'x' => null, 'y' => null],
        ];
        $run = $this->read(
            $this->press($run, 'judged', [
                'outcome' => 'redo',
                'defects' => $marks,
                'note' => 'Lower left.',
                'photo' => $photo,
                'photo_before' => $photo,
            ]),
        );
        self::assertSame('redo', $run->record('outcomes')->string('1'));
        $run = $this->step($run);
        self::assertTrue($run->boolean('finished'));

        $entry = $this->read($this->ask('GET', '/api/logbook'))->records('entries')[0];
        self::assertSame(
            ['redo', 'Lower left.', $photo, $photo],
            [
                $entry->string('outcome'),
                $entry->string('note'),
                $entry->string('photo'),
                $entry->string('photo_before'),
            ],
        );
        self::assertSame(['missing patch', 'lifted edge'], $entry->strings('defects'));
        self::assertSame(0.9, $entry->records('marks')[0]->number('y'), 'where it is on the picture');
        $detail = $this->read($this->ask('GET', '/api/logbook/' . $entry->integer('id')));
        self::assertNotEmpty(
            array_filter($detail->records('times'), static fn(Record $t): bool => null !== $t->numberOrNull('taken')),
        );
        self::assertNotEmpty($detail->records('diagnoses'));
        self::assertStringContainsString(
            'too short',
            $detail->records('diagnoses')[0]->string('cause'),
            'it was heated for an instant',
        );
        self::assertSame(200, $this->ask('GET', '/api/photos/' . $photo)->getStatusCode());
    }

    public function testTheServerKeepsTheClock(): void
    {
        $this->freeze('2026-11-27 10:00:00 UTC');
        $run = $this->begin();
        while (!$this->front($run)->boolean('timed')) {
            $run = $this->step($run);
        }
        $started = $this->clocked($this->read($this->press($run, 'started')))->string('since');
        // Every request starts from the disk alone, as after a killed server.
        self::assertSame($started, $this->clocked($this->read($this->ask('GET', '/api/runs/run')))->string('since'));
        self::assertSame(
            $started,
            $this->clocked($this->read($this->ask('GET', '/api/bench')))->string('since'),
            'on the screen of all clocks too',
        );
        self::assertSame('2026-11-27T10:00:00.000Z', $started);
    }

    /**
     * A press that had to wait for the network is stored at the instant it was pressed, though never before the one
     * before it.
     */
    public function testAPressThatWaitedIsStoredAtItsOwnTime(): void
    {
        $clock = $this->freeze('2026-11-27 10:00:00 UTC');
        $run = $this->step($this->begin());
        $run = $this->step($run);
        $clock->sleep(0.5);
        $started = $this->clocked($this->read($this->press($run, 'started', ['ago_s' => 0.4])))->string('since');
        self::assertSame('2026-11-27T10:00:00.100Z', $started);
        $late = $this->read($this->press($run, 'done', ['ago_s' => 500000.0]));
        self::assertNotContains(
            $this->front($run)->integer('position'),
            array_map(static fn(Record $hand): int => $hand->integer('position'), $late->records('hands')),
        );
    }

    public function testPeekAgainPauseSkipAndUndoAreKept(): void
    {
        $run = $this->begin();
        while (!$this->front($run)->boolean('heats')) {
            $run = $this->step($run);
        }
        self::assertNotSame([], $this->front($run)->strings('questions'));
        $this->read($this->press($run, 'started'), 409);
        $run = $this->read($this->press($run, 'checked'));
        self::assertSame([], $this->front($run)->strings('questions'), 'asked once');
        $run = $this->read($this->press($run, 'started', ['press_c' => 198.5, 'probe_c' => 141.0]));
        $run = $this->read($this->press($run, 'paused'));
        self::assertFalse($this->front($run)->boolean('running'));
        $run = $this->read($this->press($run, 'resumed'));
        $run = $this->read(
            $this->press($run, 'peeked', [
                'ready' => false,
                'defects' => [['defect' => 'missed-patch', 'x' => 0.9, 'y' => 0.9]],
            ]),
        );
        $planned = $this->front($run)->number('seconds');
        $run = $this->read($this->press($run, 'again', ['seconds' => 10]));
        self::assertSame($planned + 10.0, $this->front($run)->number('seconds'));
        $run = $this->read($this->press($run, 'undone', ['undoes' => $run->record('last')->string('press')]));
        self::assertSame($planned, $this->front($run)->number('seconds'));
        $run = $this->read($this->press($run, 'peeked', ['ready' => true]));
        $at = $this->front($run)->integer('position');
        $run = $this->read($this->press($run, 'skipped', ['reason' => 'Done before']));
        self::assertSame($at + 1, $this->front($run)->integer('position'));
        $run = $this->read(
            $this->press($run, 'judged', [
                'outcome' => 'spoiled',
                'defects' => [['defect' => 'scorch', 'x' => null, 'y' => null]],
            ]),
        );
        $undone = $this->read($this->press($run, 'undone', ['undoes' => $run->record('last')->string('press')]));
        self::assertFalse($undone->record('outcomes')->has('1'));
        self::assertSame(0, $this->read($this->ask('GET', '/api/logbook'))->integer('total'), 'and out of the logbook');
        $run = $this->read($this->press($undone, 'judged', ['outcome' => 'good']));
        $entry = $this->read($this->ask('GET', '/api/logbook'))->records('entries')[0];
        $detail = $this->read($this->ask('GET', '/api/logbook/' . $entry->integer('id')));
        self::assertSame(
            [2, 198.5, 141.0],
            [$detail->integer('peeks'), $detail->number('press_c'), $detail->number('probe_c')],
            'without typing',
        );
        self::assertSame('Done before', $detail->records('skipped')[0]->string('reason'));
    }

    /** As sessions were kept before tasks were: a step, its piece and its clock; the order tells what it waits for. */
    public function testASessionOfBeforeIsEndedAsItWasBegun(): void
    {
        $run = $this->begin();
        $shop = new \PDO('sqlite:' . $this->data . '/wubbin.sqlite');
        $before = array_map(
            static fn(Record $step): array => [
                'step' => $step->string('step'),
                'piece' => $step->boolean('shared') ? null : 1,
                'timed' => $step->boolean('timed'),
                'seconds' => $step->number('seconds'),
            ],
            $run->records('steps'),
        );
        $shop
            ->prepare('UPDATE run SET sequence = ?, uses = NULL, revision = NULL')
            ->execute([json_encode($before, \JSON_THROW_ON_ERROR)]);
        $run = $this->read($this->ask('GET', '/api/runs/run'));
        self::assertCount(1, $run->records('hands'), 'what was in one line goes on in one line');
        self::assertFalse($run->boolean('stale'));
        while (!$run->boolean('finished')) {
            $run = $this->front($run)->boolean('judging')
                ? $this->read($this->press($run, 'judged', ['outcome' => 'good']))
                : $this->step($run);
        }
        self::assertSame(1, $this->read($this->ask('GET', '/api/logbook'))->integer('total'));
    }

    /** The front is peeled warm and the back cold: what goes wrong at the back is no mark against the front's way. */
    public function testAFailureBelongsToThePictureThatWasAtHand(): void
    {
        $this->readyJobOnce();
        $job = $this->read($this->ask('GET', '/api/jobs/crew'));
        $artwork = $job->records('artworks')[0]->string('sha256');
        $change = fn(array $changes, int $transfer): Record => $this->read(
            $this->ask('PATCH', '/api/jobs/crew', [
                'revision' => $this->read($this->ask('GET', '/api/jobs/crew'))->integer('revision'),
                'changes' => $changes,
                'transfer' => $transfer,
            ]),
        );
        $change(['transfer' => 'add'], 0);
        $change(['artwork' => $artwork, 'finish' => 'gloss'], 1);
        $run = $this->begin();
        while ('back' !== $this->sideOf($run)) {
            $run = $this->step($run);
        }
        $this->read($this->press($run, 'judged', ['outcome' => 'spoiled', 'defects' => []]));
        $entries = new \PDO('sqlite:' . $this->data . '/wubbin.sqlite');
        $cold = $entries->query("SELECT COUNT(*) FROM log_entry WHERE done LIKE '%\"peel\":\"cold\"%'");
        self::assertInstanceOf(\PDOStatement::class, $cold);
        self::assertSame(1, $cold->fetchColumn());
    }

    /** Of the piece at hand; nothing while sheets are. */
    private function sideOf(Record $run): string
    {
        $step = $this->front($run)->record('step');

        return 'each-piece' === $step->string('scope') &&
            1 === $step->integer('transfer') &&
            'cut' !== $step->string('kind')
            ? 'back'
            : '';
    }

    public function testTwoPiecesOfTwoSessionsStandOnOneScreen(): void
    {
        $this->begin();
        $this->read($this->ask('POST', '/api/jobs/crew/runs', ['id' => 'second', 'pieces' => 2]), 201);
        self::assertSame(
            ['run', 'second'],
            array_values(
                array_unique(
                    array_map(
                        static fn(Record $hand): string => $hand->string('run'),
                        array_reverse($this->read($this->ask('GET', '/api/bench'))->records('hands')),
                    ),
                ),
            ),
        );
    }

    public function testAPressSentTwiceIsStoredOnce(): void
    {
        $run = $this->begin();
        $body = ['id' => 'press', 'position' => 0, 'type' => 'done'];
        $first = $this->front($this->read($this->ask('POST', '/api/runs/run/presses', $body)))->integer('position');
        $second = $this->front($this->read($this->ask('POST', '/api/runs/run/presses', $body)))->integer('position');
        self::assertSame([0, 1, 1], [$this->front($run)->integer('position'), $first, $second]);
    }

    public function testOfTwoScreensThatEndAStepOneWins(): void
    {
        $run = $this->begin();
        $this->read($this->press($run, 'done'));
        $this->read($this->press($run, 'done'), 409);
        self::assertSame(1, $this->front($this->read($this->ask('GET', '/api/runs/run')))->integer('position'));
    }

    public function testBeginningTwiceIsOneSession(): void
    {
        $this->begin();
        $this->begin();
        self::assertCount(1, $this->rows('/api/runs'));
    }

    public function testThePlanIsFrozenAndAChangedJobIsNoticed(): void
    {
        $run = $this->begin();
        self::assertFalse($run->boolean('stale'));
        $revision = $this->read($this->ask('GET', '/api/jobs/crew'))->integer('revision');
        $this->read(
            $this->ask('PATCH', '/api/jobs/crew', ['revision' => $revision, 'changes' => ['finish' => 'gloss']]),
        );
        $after = $this->read($this->ask('GET', '/api/runs/run'));
        self::assertTrue($after->boolean('stale'));
        self::assertSame($run->record('plan')->string('id'), $after->record('plan')->string('id'));
    }

    /** @return iterable<string, array{array<string, mixed>, int, string}> */
    public static function badPresses(): iterable
    {
        yield 'no outcome' => [['type' => 'judged', 'position' => 4], 422, 'outcome'];
        yield 'an unheard-of type' => [['type' => 'burnt'], 422, 'type'];
        yield 'an unheard-of defect' => [
            ['type' => 'judged', 'outcome' => 'good', 'defects' => [['defect' => 'hiccup']]],
            422,
            'defects',
        ];
        yield 'a mark outside the picture' => [
            ['type' => 'judged', 'outcome' => 'redo', 'defects' => [['defect' => 'scorch', 'x' => 1.2, 'y' => 0.5]]],
            422,
            'defects',
        ];
        yield 'half a place' => [
            ['type' => 'judged', 'outcome' => 'redo', 'defects' => [['defect' => 'scorch', 'x' => 0.2]]],
            422,
            'defects',
        ];
        yield 'no reason' => [['type' => 'skipped', 'reason' => '  '], 422, 'reason'];
        yield 'endless seconds' => [['type' => 'again', 'seconds' => 601], 422, 'seconds'];
        yield 'undoing nothing' => [['type' => 'undone'], 422, 'undoes'];
        yield 'undoing what never was' => [['type' => 'undone', 'undoes' => 'nothing'], 409, ''];
        yield 'a break of no clock' => [['type' => 'paused'], 409, ''];
        yield 'an endless note' => [
            ['type' => 'judged', 'outcome' => 'good', 'note' => str_repeat('x', 4001)],
            422,
            'note',
        ];
        yield 'a photo that is a path' => [
            ['type' => 'judged', 'outcome' => 'good', 'photo' => '../../etc/passwd'],
            422,
            'photo',
        ];
        yield 'no position' => [['type' => 'done', 'position' => null], 422, 'position'];
        yield 'a step far ahead' => [['type' => 'done', 'position' => 999], 409, ''];
        yield 'a step before the first' => [['type' => 'done', 'position' => -1], 409, ''];
    }

    /** @param array<string, mixed> $press */
    #[DataProvider('badPresses')]
    public function testABadPressIsRefusedAndNothingMoves(array $press, int $status, string $field): void
    {
        $this->begin();
        $problem = $this->read(
            $this->ask('POST', '/api/runs/run/presses', $press + ['id' => 'p', 'position' => 0]),
            $status,
        );
        if ('' !== $field) {
            self::assertTrue($problem->record('errors')->has($field));
        }
        self::assertSame(0, $this->front($this->read($this->ask('GET', '/api/runs/run')))->integer('position'));
    }

    public function testTheBenchWaitsForTheChecks(): void
    {
        $this->readyJob();
        $revision = $this->read($this->ask('GET', '/api/jobs/crew'))->integer('revision');
        $this->read(
            $this->ask('PATCH', '/api/jobs/crew', ['revision' => $revision, 'changes' => ['base' => 'ironing-board']]),
        );
        $this->read($this->ask('POST', '/api/jobs/crew/runs', ['id' => 'run', 'pieces' => 1]), 422);
        foreach ([0, 201, 1.5] as $pieces) {
            $this->read($this->ask('POST', '/api/jobs/crew/runs', ['id' => 'run', 'pieces' => $pieces]), 422);
        }
    }

    public function testAPhotoLosesWhereItWasTaken(): void
    {
        $path = Pictures::turnedJpeg(Pictures::quarters(400, 300), 6, $this->data . '/photo.jpg');
        $sha256 = $this->photo($path);
        $kept = new \Imagick(sprintf('jpeg:%s/files/%s/%s/original', $this->data, substr($sha256, 0, 2), $sha256));
        self::assertSame([], $kept->getImageProfiles('*', false));
        self::assertSame(300, $kept->getImageWidth(), 'upright');
    }

    public function testAPhotoThatIsNoneIsRefused(): void
    {
        file_put_contents($this->data . '/photo', 'just words');
        $response = $this->ask(
            'POST',
            '/api/photos',
            file: new UploadedFile($this->data . '/photo', 'photo.jpg', test: true),
        );
        self::assertTrue($this->read($response, 422)->record('errors')->has('file'));
        $this->read($this->ask('GET', '/api/photos/' . str_repeat('0', 64)), 404);
    }

    private function begin(): Record
    {
        $this->readyJobOnce();

        return $this->read($this->ask('POST', '/api/jobs/crew/runs', ['id' => 'run', 'pieces' => 1]), 201);
    }

    private function readyJobOnce(): void
    {
        if (404 === $this->ask('GET', '/api/jobs/crew')->getStatusCode()) {
            $this->readyJob();
        }
    }

    /** What needs hands next. */
    private function front(Record $run): Record
    {
        return $run->records('hands')[0];
    }

    /** Whose clock runs. */
    private function clocked(Record $view): Record
    {
        return array_values(
            array_filter(
                $view->records('hands'),
                static fn(Record $hand): bool => null !== $hand->stringOrNull('since'),
            ),
        )[0];
    }

    /** Does the step at hand, questions, clock and all. */
    private function step(Record $run): Record
    {
        if ([] !== $this->front($run)->strings('questions')) {
            $run = $this->read($this->press($run, 'checked'));
        }
        if ($this->front($run)->boolean('timed') && null === $this->front($run)->stringOrNull('since')) {
            $run = $this->read($this->press($run, 'started'));
        }

        return $this->read($this->press($run, 'done'));
    }

    /** @param array<string, mixed> $more */
    private function press(Record $run, string $type, array $more = []): Response
    {
        return $this->ask(
            'POST',
            '/api/runs/run/presses',
            ['id' => 'p' . ++$this->presses, 'position' => $this->front($run)->integer('position'), 'type' => $type] +
                $more,
        );
    }

    private function photo(?string $path = null): string
    {
        $path ??= Pictures::save(Pictures::quarters(80, 60), 'jpeg', $this->data . '/photo.jpg');

        return $this->read(
            $this->ask('POST', '/api/photos', file: new UploadedFile($path, 'photo.jpg', test: true)),
            201,
        )->string('sha256');
    }
}
