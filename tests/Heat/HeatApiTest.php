<?php

declare(strict_types=1);

namespace Wubbin\Tests\Heat;

use Wubbin\Task\TaskQueue;
use Wubbin\Tests\Support\ShopTestCase;

final class HeatApiTest extends ShopTestCase
{
    public function testThePlansWindowIsTold(): void
    {
        $id = $this->readyJob();
        $heat = $this->read($this->ask('GET', '/api/jobs/' . $id . '/heat/0'));
        self::assertTrue($heat->boolean('modelled'));
        self::assertTrue($heat->boolean('inside'));
        self::assertGreaterThan(20, count($heat->record('window')->records('curve')));
        self::assertNotSame([], $heat->records('parameters'));
        self::assertSame(404, $this->ask('GET', '/api/jobs/' . $id . '/heat/3')->getStatusCode());
        self::assertSame(404, $this->ask('GET', '/api/jobs/nobody/heat/0')->getStatusCode());
    }

    public function testOtherSettingsAndWaysAreCompared(): void
    {
        $id = $this->readyJob();
        $others = $this->read($this->ask('GET', '/api/jobs/' . $id . '/heat/0/others'));
        self::assertCount(9, $others->record('sweep')->records('points'));
        self::assertSame(
            ['wood board', 'ironing board'],
            array_map(
                static fn($one): string => $one->string('way'),
                $others->record('comparison')->records('windows'),
            ),
        );
    }

    public function testReadingsCalibrateTheSourceFromThenOn(): void
    {
        $id = $this->readyJob();
        $path = '/api/jobs/' . $id . '/heat/0/calibration';
        self::assertTrue(
            $this->read(
                $this->ask('POST', $path, [
                    'readings' => "5;90\n3;100\n20;120",
                    'face' => 'printed face',
                    'keep' => true,
                ]),
                422,
            )
                ->record('errors')
                ->has('readings'),
        );
        $readings = "1;60\n2;85\n5;125\n10;150\n20;165\n40;176";
        $tried = $this->read(
            $this->ask('POST', $path, ['readings' => $readings, 'face' => 'printed face', 'keep' => false]),
        );
        self::assertNull(
            $this->read($this->ask('GET', '/api/jobs/' . $id . '/heat/0'))->numberOrNull('calibrated'),
            'it was only tried',
        );
        $before = $this->read($this->ask('GET', '/api/jobs/' . $id . '/heat/0'))
            ->record('window')
            ->number('earliest_s');
        $this->read($this->ask('POST', $path, ['readings' => $readings, 'face' => 'printed face', 'keep' => true]));
        $after = $this->read($this->ask('GET', '/api/jobs/' . $id . '/heat/0'));
        self::assertEqualsWithDelta($tried->number('value'), $after->number('calibrated'), 0.1);
        self::assertNotSame($before, $after->record('window')->number('earliest_s'));
        self::assertSame(204, $this->ask('DELETE', $path)->getStatusCode());
        self::assertSame(
            $before,
            $this->read($this->ask('GET', '/api/jobs/' . $id . '/heat/0'))->record('window')->number('earliest_s'),
        );
    }

    public function testWhatIsNotModelledSaysSo(): void
    {
        $this->readyJob();
        $this->read(
            $this->ask('POST', '/api/jobs', [
                'id' => 'board',
                'name' => 'Board',
                'changes' => ['kind' => 'wax-board', 'route' => 'burnish-wax'],
            ]),
            201,
        );
        $heat = $this->read($this->ask('GET', '/api/jobs/board/heat/0'));
        self::assertFalse($heat->boolean('modelled'));
        self::assertNotSame('', $heat->string('why'));
        self::assertSame(404, $this->ask('POST', '/api/jobs/board/heat/0/spread')->getStatusCode());
    }

    public function testHowSureItIsIsWorkWithProgress(): void
    {
        $id = $this->readyJob();
        $task = $this->read($this->ask('POST', '/api/jobs/' . $id . '/heat/0/spread'), 202)->string('id');
        $this->service(TaskQueue::class)->workOnNext('test');
        $spread = $this->read($this->ask('GET', '/api/tasks/' . $task));
        self::assertSame('done', $spread->string('state'));
        self::assertSame(64, $spread->record('result')->integer('draws'));
        self::assertGreaterThan(32, $spread->record('result')->integer('inside'));
    }
}
