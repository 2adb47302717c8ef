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
        self::assertSame(0, $run->integer('position'));
        while (null === $run->numberOrNull('judging')) {
            $run = $this->step($run);
        }
        $photo = $this->photo();
        $run = $this->read($this->press($run, 'judged', ['outcome' => 'redo', 'defects' => ['missed-patch', 'lifted-edge'], 'note' => 'Lower left.', 'photo' => $photo]));
        self::assertSame('redo', $run->record('outcomes')->string('1'));
        $run = $this->step($run);
        self::assertTrue($run->boolean('finished'));

        $entry = $this->rows('/api/logbook')[0];
        self::assertSame(['redo', 'Lower left.', $photo], [$entry->string('outcome'), $entry->string('note'), $entry->string('photo')]);
        self::assertSame(['missed patch', 'lifted edge'], $entry->strings('defects'));
        $detail = $this->read($this->ask('GET', '/api/logbook/'.$entry->integer('id')));
        self::assertNotEmpty(array_filter($detail->records('times'), static fn (Record $t): bool => null !== $t->numberOrNull('taken')));
        self::assertSame(200, $this->ask('GET', '/api/photos/'.$photo)->getStatusCode());
    }

    public function testTheServerKeepsTheClock(): void
    {
        $run = $this->begin();
        while (!$this->current($run)->boolean('timed')) {
            $run = $this->step($run);
        }
        $started = $this->read($this->press($run, 'started'))->string('started');
        // Every request starts from the disk alone, as after a killed server.
        self::assertSame($started, $this->read($this->ask('GET', '/api/runs/run'))->string('started'));
        self::assertEqualsWithDelta(time(), strtotime($started), 5.0);
    }

    public function testAPressSentTwiceIsStoredOnce(): void
    {
        $run = $this->begin();
        $body = ['id' => 'press', 'position' => 0, 'type' => 'done'];
        $first = $this->read($this->ask('POST', '/api/runs/run/presses', $body))->integer('position');
        $second = $this->read($this->ask('POST', '/api/runs/run/presses', $body))->integer('position');
        self::assertSame([0, 1, 1], [$run->integer('position'), $first, $second]);
    }

    public function testOfTwoScreensThatEndAStepOneWins(): void
    {
        $run = $this->begin();
        $this->read($this->press($run, 'done'));
        $this->read($this->press($run, 'done'), 409);
        self::assertSame(1, $this->read($this->ask('GET', '/api/runs/run'))->integer('position'));
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
        $this->read($this->ask('PATCH', '/api/jobs/crew', ['revision' => $revision, 'changes' => ['finish' => 'gloss']]));
        $after = $this->read($this->ask('GET', '/api/runs/run'));
        self::assertTrue($after->boolean('stale'));
        self::assertSame($run->record('plan')->string('id'), $after->record('plan')->string('id'));
    }

    /** @return iterable<string, array{array<string, mixed>, int, string}> */
    public static function badPresses(): iterable
    {
        yield 'no outcome' => [['type' => 'judged', 'position' => 4], 422, 'outcome'];
        yield 'an unheard-of type' => [['type' => 'burnt'], 422, 'type'];
        yield 'an unheard-of defect' => [['type' => 'judged', 'outcome' => 'good', 'defects' => ['hiccup']], 422, 'defects'];
        yield 'an endless note' => [['type' => 'judged', 'outcome' => 'good', 'note' => str_repeat('x', 4001)], 422, 'note'];
        yield 'a photo that is a path' => [['type' => 'judged', 'outcome' => 'good', 'photo' => '../../etc/passwd'], 422, 'photo'];
        yield 'no position' => [['type' => 'done', 'position' => null], 422, 'position'];
        yield 'a step far ahead' => [['type' => 'done', 'position' => 999], 409, ''];
        yield 'a step before the first' => [['type' => 'done', 'position' => -1], 409, ''];
    }

    /** @param array<string, mixed> $press */
    #[DataProvider('badPresses')]
    public function testABadPressIsRefusedAndNothingMoves(array $press, int $status, string $field): void
    {
        $this->begin();
        $problem = $this->read($this->ask('POST', '/api/runs/run/presses', $press + ['id' => 'p', 'position' => 0]), $status);
        if ('' !== $field) {
            self::assertTrue($problem->record('errors')->has($field));
        }
        self::assertSame(0, $this->read($this->ask('GET', '/api/runs/run'))->integer('position'));
    }

    public function testTheBenchWaitsForTheChecks(): void
    {
        $this->readyJob();
        $revision = $this->read($this->ask('GET', '/api/jobs/crew'))->integer('revision');
        $this->read($this->ask('PATCH', '/api/jobs/crew', ['revision' => $revision, 'changes' => ['base' => 'ironing-board']]));
        $this->read($this->ask('POST', '/api/jobs/crew/runs', ['id' => 'run', 'pieces' => 1]), 422);
        foreach ([0, 201, 1.5] as $pieces) {
            $this->read($this->ask('POST', '/api/jobs/crew/runs', ['id' => 'run', 'pieces' => $pieces]), 422);
        }
    }

    public function testAPhotoLosesWhereItWasTaken(): void
    {
        $path = Pictures::turnedJpeg(Pictures::quarters(400, 300), 6, $this->data.'/photo.jpg');
        $sha256 = $this->photo($path);
        $kept = new \Imagick(sprintf('jpeg:%s/files/%s/%s/original', $this->data, substr($sha256, 0, 2), $sha256));
        self::assertSame([], $kept->getImageProfiles('*', false));
        self::assertSame(300, $kept->getImageWidth(), 'upright');
    }

    public function testAPhotoThatIsNoneIsRefused(): void
    {
        file_put_contents($this->data.'/photo', 'just words');
        $response = $this->ask('POST', '/api/photos', file: new UploadedFile($this->data.'/photo', 'photo.jpg', test: true));
        self::assertTrue($this->read($response, 422)->record('errors')->has('file'));
        $this->read($this->ask('GET', '/api/photos/'.str_repeat('0', 64)), 404);
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

    private function current(Record $run): Record
    {
        return $run->records('steps')[$run->integer('position')];
    }

    /** Does the step at hand, clock and all. */
    private function step(Record $run): Record
    {
        if ($this->current($run)->boolean('timed') && null === $run->stringOrNull('started')) {
            $run = $this->read($this->press($run, 'started'));
        }

        return $this->read($this->press($run, 'done'));
    }

    /** @param array<string, mixed> $more */
    private function press(Record $run, string $type, array $more = []): Response
    {
        return $this->ask('POST', '/api/runs/run/presses', ['id' => 'p'.++$this->presses, 'position' => $run->integer('position'), 'type' => $type] + $more);
    }

    private function photo(?string $path = null): string
    {
        $path ??= Pictures::save(Pictures::quarters(80, 60), 'jpeg', $this->data.'/photo.jpg');

        return $this->read($this->ask('POST', '/api/photos', file: new UploadedFile($path, 'photo.jpg', test: true)), 201)->string('sha256');
    }
}
