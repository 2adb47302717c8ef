<?php

declare(strict_types=1);

namespace Wubbin\Tests\Task;

use Doctrine\DBAL\Connection;
use Symfony\Component\Clock\NativeClock;
use Wubbin\Artwork\TakePicture;
use Wubbin\Core\Measure\Record;
use Wubbin\Storage\FileStore;
use Wubbin\Task\Cancelled;
use Wubbin\Task\TaskProgress;
use Wubbin\Task\TaskQueue;
use Wubbin\Task\Unwatched;
use Wubbin\Task\Worked;
use Wubbin\Tests\Support\Pictures;
use Wubbin\Tests\Support\ShopTestCase;

final class TaskTest extends ShopTestCase
{
    protected const READS_ANEW = true;

    private function large(): string
    {
        $path = $this->data . '/large.png';
        $image = new \Imagick();
        $image->newImage(3200, 2000, '#c8321f');
        $image->writeImage('png:' . $path);

        return $path;
    }

    public function testALargePictureIsTakenInBesideThePage(): void
    {
        $task = $this->read($this->send($this->large(), 'large.png'), 202);
        self::assertSame('waiting', $task->string('state'));
        self::assertSame(Worked::Something, $this->service(TaskQueue::class)->workOnNext('one'));
        $done = $this->read($this->ask('GET', '/api/tasks/' . $task->string('id')));
        self::assertSame('done', $done->string('state'));
        self::assertSame(3200.0, $done->record('result')->number('width'));
        self::assertSame(
            200,
            $this->ask(
                'GET',
                '/api/artwork/' . $done->record('result')->string('sha256') . '/preview',
            )->getStatusCode(),
        );
        self::assertSame([], (array) glob($this->data . '/incoming/*'), 'the upload is not kept twice');
        self::assertSame(Worked::Nothing, $this->service(TaskQueue::class)->workOnNext('one'), 'nothing is left to do');
    }

    public function testASmallOneIsTakenAtOnce(): void
    {
        self::assertSame(
            201,
            $this->send(Pictures::save(Pictures::quarters(30, 20), 'png', $this->data . '/small.png'))->getStatusCode(),
        );
    }

    public function testWorkThatWasGivenUpIsNotBegun(): void
    {
        $id = $this->read($this->send($this->large()), 202)->string('id');
        self::assertSame('cancelled', $this->read($this->ask('DELETE', '/api/tasks/' . $id))->string('state'));
        self::assertSame(Worked::Nothing, $this->service(TaskQueue::class)->workOnNext('one'));
        self::assertSame([], $this->rows('/api/pictures'));
    }

    public function testWorkThatIsGivenUpMeanwhileStopsAtItsNextStep(): void
    {
        $id = $this->read($this->send($this->large()), 202)->string('id');
        $connection = $this->service(Connection::class);
        $connection->executeStatement(
            "UPDATE task SET state = 'running', worker = 'one', lease = '2999-01-01T00:00:00Z' WHERE id = ?",
            [$id],
        );
        $progress = new TaskProgress($connection, $id, 'one', 60, new NativeClock());
        $progress->at(0.4, 'Half of it');
        self::assertSame('Half of it', $this->read($this->ask('GET', '/api/tasks/' . $id))->string('doing'));
        $this->ask('DELETE', '/api/tasks/' . $id);
        $this->expectException(Cancelled::class);
        (new TaskProgress($this->service(Connection::class), $id, 'one', 60, new NativeClock()))->at(0.5, 'More of it');
    }

    public function testWorkOfAWorkerThatIsGoneIsTakenUpAgain(): void
    {
        $id = $this->read($this->send($this->large()), 202)->string('id');
        $this->service(Connection::class)->executeStatement(
            "UPDATE task SET state = 'running', worker = 'gone', lease = '2020-01-01T00:00:00Z' WHERE id = ?",
            [$id],
        );
        self::assertSame(Worked::Something, $this->service(TaskQueue::class)->workOnNext('two'));
        self::assertSame('done', $this->read($this->ask('GET', '/api/tasks/' . $id))->string('state'));
    }

    /** A file that a decoder hangs on ends one worker after another: not for ever. */
    public function testWorkThatWorkersEndInIsGivenUp(): void
    {
        $id = $this->read($this->send($this->large()), 202)->string('id');
        $this->service(Connection::class)->executeStatement(
            "UPDATE task SET state = 'running', worker = 'gone', begun = 2, lease = '2020-01-01T00:00:00Z' WHERE " .
                'id = ?',
            [$id],
        );
        self::assertSame(Worked::Something, $this->service(TaskQueue::class)->workOnNext('two'));
        $task = $this->read($this->ask('GET', '/api/tasks/' . $id));
        self::assertSame('failed', $task->string('state'));
        self::assertStringContainsString('took too long', $task->record('result')->record('errors')->string('file'));
    }

    /** A shop that is stopped and opened again is no fault of the work that was under way. */
    public function testWorkThatWasInterruptedByClosingTheShopIsNeverGivenUp(): void
    {
        $id = $this->read($this->send($this->large()), 202)->string('id');
        for ($time = 0; $time < 5; ++$time) {
            $this->service(Connection::class)->executeStatement(
                "UPDATE task SET state = 'running', worker = 'gone', begun = begun + 1, " .
                    "lease = '2999-01-01T00:00:00Z' WHERE id = ?",
                [$id],
            );
            $this->service(TaskQueue::class)->beginAfresh();
        }
        self::assertSame(Worked::Something, $this->service(TaskQueue::class)->workOnNext('two'));
        self::assertSame('done', $this->read($this->ask('GET', '/api/tasks/' . $id))->string('state'));
    }

    /** The worker is gone after it did the work, and before that was written down: it is done again. */
    public function testWorkThatWasDoneAndNotWrittenDownIsDoneAgain(): void
    {
        $id = $this->read($this->send($this->large()), 202)->string('id');
        $input = Record::of($this->service(TaskQueue::class)->find($id)->input);
        $this->service(TakePicture::class)->run($input, new Unwatched());
        self::assertSame(Worked::Something, $this->service(TaskQueue::class)->workOnNext('two'));
        self::assertSame('done', $this->read($this->ask('GET', '/api/tasks/' . $id))->string('state'));
        self::assertSame([], (array) glob($this->data . '/incoming/*'));
    }

    public function testASearchIsLeftToOthersByWhoeverKeepsTheWayFree(): void
    {
        $tasks = $this->service(TaskQueue::class);
        $search = $tasks->add('plan-day', [])->id;
        $this->read($this->send($this->large()), 202);
        self::assertSame(Worked::Something, $tasks->workOnNext('quick', true));
        self::assertSame(Worked::Nothing, $tasks->workOnNext('quick', true));
        self::assertSame('waiting', $this->read($this->ask('GET', '/api/tasks/' . $search))->string('state'));
    }

    public function testWhoseMemoryIsExhaustedIsToldThatAndNoOther(): void
    {
        $id = $this->read($this->send($this->large()), 202)->string('id');
        $this->service(Connection::class)->executeStatement(
            "UPDATE task SET state = 'running', worker = 'one', lease = '2999-01-01T00:00:00Z' WHERE id = ?",
            [$id],
        );
        $this->service(TaskQueue::class)->endedForMemory('one');
        $task = $this->read($this->ask('GET', '/api/tasks/' . $id));
        self::assertSame('failed', $task->string('state'));
        self::assertStringContainsString('more memory', $task->record('result')->record('errors')->string('file'));
    }

    public function testWorkOfAWorkerThatIsThereIsLeftToIt(): void
    {
        $id = $this->read($this->send($this->large()), 202)->string('id');
        $this->service(Connection::class)->executeStatement(
            "UPDATE task SET state = 'running', worker = 'one', lease = '2999-01-01T00:00:00Z' WHERE id = ?",
            [$id],
        );
        self::assertSame(Worked::Nothing, $this->service(TaskQueue::class)->workOnNext('two'));
    }

    public function testWhatCannotBeDoneSaysWhy(): void
    {
        file_put_contents($this->data . '/broken.heic', "\0\0\0\x1cftypheic" . str_repeat('x', 200));
        $id = $this->read($this->send($this->data . '/broken.heic'), 202)->string('id');
        $this->service(TaskQueue::class)->workOnNext('one');
        $task = $this->read($this->ask('GET', '/api/tasks/' . $id));
        self::assertSame('failed', $task->string('state'));
        self::assertStringContainsString('damaged', $task->record('result')->record('errors')->string('file'));
    }

    public function testOldWorkAndUploadsThatNobodyCameForAreForgotten(): void
    {
        $id = $this->read($this->send($this->large()), 202)->string('id');
        $this->ask('DELETE', '/api/tasks/' . $id);
        $this->service(Connection::class)->executeStatement("UPDATE task SET created = '2020-01-01T00:00:00.000Z'");
        foreach ((array) glob($this->data . '/incoming/*') as $path) {
            touch((string) $path, 1_500_000_000);
        }
        $this->service(TaskQueue::class)->forgetOld();
        self::assertSame(404, $this->ask('GET', '/api/tasks/' . $id)->getStatusCode());
        self::assertSame([], (array) glob($this->data . '/incoming/*'));
    }

    public function testTheHandlersAreFoundByTheirKind(): void
    {
        $tasks = $this->service(TaskQueue::class);
        $parked = $this->service(FileStore::class)->park($this->large());
        $tasks->add(TakePicture::kind(), ['parked' => $parked, 'name' => 'large.png']);
        self::assertSame(Worked::Something, $tasks->workOnNext('one'));
        self::assertSame('large.png', $this->rows('/api/pictures')[0]->record('picture')->string('name'));
    }
}
