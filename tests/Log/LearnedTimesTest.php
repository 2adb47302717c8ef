<?php

declare(strict_types=1);

namespace Wubbin\Tests\Log;

use Doctrine\ORM\EntityManagerInterface;
use PHPUnit\Framework\Attributes\TestWith;
use Wubbin\Core\Log\HandSample;
use Wubbin\Core\Measure\Record;
use Wubbin\Session\LearnedTimes;
use Wubbin\Tests\Support\ShopTestCase;

final class LearnedTimesTest extends ShopTestCase
{
    private int $runs = 0;

    /** A session that is judged again teaches once; one whose judgement was undone teaches nothing. */
    public function testASessionTeachesOnce(): void
    {
        $times = $this->service(LearnedTimes::class);
        foreach ([20.0, 30.0] as $taken) {
            $times->learn('run', [new HandSample('peel', 1, $taken, 20.0)]);
            $this->service(EntityManagerInterface::class)->flush();
        }
        self::assertSame([30.0, 1], [$times->all()['peel']['time']->one(), $times->all()['peel']['of']]);
        $times->learn('run', []);
        $this->service(EntityManagerInterface::class)->flush();
        self::assertSame([], $times->all());
    }

    public function testTheMedianOfTheLatestIsWhatCounts(): void
    {
        $this->learn('peel', 20.0, 31.0, 28.0, 30.0, 29.0, 95.0);
        $peel = $this->service(LearnedTimes::class)->all()['peel'];
        self::assertSame([30.0, 5], [$peel['time']->one(), $peel['of']]);
    }

    /** What took far longer was interrupted; what took no time was pressed twice. */
    #[TestWith([200.0])]
    #[TestWith([0.0])]
    public function testInterruptionsTellNothing(float $taken): void
    {
        $this->learn('peel', 20.0, $taken);
        self::assertSame([], $this->service(LearnedTimes::class)->all());
    }

    public function testPlansGoByThemOnceEnoughIsKnown(): void
    {
        $this->readyJob();
        $peel = fn(): Record => array_values(
            array_filter(
                $this->read($this->ask('GET', '/api/jobs/crew'))->record('plan')->records('steps'),
                static fn(Record $step): bool => 'peel' === $step->string('kind'),
            ),
        )[0];
        $id = $this->read($this->ask('GET', '/api/jobs/crew'))->record('plan')->string('id');
        $usual = $peel()->number('duration_s');
        $this->learn('peel', 20.0, 44.0, 44.0, 44.0, 44.0);
        self::assertSame($usual, $peel()->number('duration_s'), 'four are too few');
        $this->learn('peel', 20.0, 44.0);
        self::assertSame(
            [44.0, 'learned'],
            [$peel()->number('duration_s'), $peel()->record('provenance')->string('kind')],
        );
        self::assertSame(
            $id,
            $this->read($this->ask('GET', '/api/jobs/crew'))->record('plan')->string('id'),
            'it is the same plan all the same',
        );
    }

    private function learn(string $kind, float $planned, float ...$taken): void
    {
        $times = $this->service(LearnedTimes::class);
        foreach ($taken as $seconds) {
            $times->learn('run-' . ++$this->runs, [new HandSample($kind, 1, $seconds, $planned)]);
            $this->service(EntityManagerInterface::class)->flush();
        }
    }
}
