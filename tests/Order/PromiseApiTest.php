<?php

declare(strict_types=1);

namespace Wubbin\Tests\Order;

use PHPUnit\Framework\Attributes\DataProvider;
use Wubbin\Core\Measure\Record;
use Wubbin\Task\TaskQueue;
use Wubbin\Tests\Support\ShopTestCase;

/** What can be promised on the telephone, what another time would cost, and the papers of a whole day. */
final class PromiseApiTest extends ShopTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->freeze('2026-11-24 08:00');
        $this->readyJob();
        $this->read($this->ask('PATCH', '/api/jobs/crew', ['revision' => 1, 'changes' => ['due' => '2026-11-27']]));
    }

    /** @param array<string, string> $with */
    private function asked(array $with, int $status = 200): Record
    {
        $wish = $with + ['job' => 'crew', 'pieces' => '12', 'day' => '2026-11-27'];

        return $this->read($this->ask('POST', '/api/promises', $wish), $status);
    }

    public function testWhatIsPromisedHasADayAndAPriceAndKeepsNothing(): void
    {
        $before = $this->ask('GET', '/api/day')->getContent();
        $yes = $this->asked([]);
        self::assertTrue($yes->boolean('yes'));
        self::assertLessThan((new \DateTimeImmutable('2026-11-28'))->getTimestamp(), $yes->integer('ready'));
        self::assertSame($before, $this->ask('GET', '/api/day')->getContent());
        self::assertFalse($yes->boolean('priced'), 'nobody has said what an hour costs');
        $rates = ['hour' => '12', 'kwh' => '0', 'overhead' => '0', 'spares' => '0', 'margin' => '0'];
        $this->read($this->ask('PUT', '/api/rates', $rates + ['set_up' => '0', 'tax' => '0']));
        self::assertGreaterThan($this->asked(['pieces' => '1'])->integer('gross'), $this->asked([])->integer('gross'));
    }

    public function testWhatCannotBeReadyIsSaidWithItsDay(): void
    {
        $no = $this->asked(['pieces' => '900', 'day' => '2026-11-25']);
        self::assertFalse($no->boolean('yes'));
        self::assertFalse($no->boolean('kept'));
        self::assertGreaterThan((new \DateTimeImmutable('2026-11-26'))->getTimestamp(), $no->integer('ready'));
    }

    /** @return iterable<string, array{array<string, string>, string, int}> */
    public static function wrong(): iterable
    {
        yield 'no pieces' => [['pieces' => '0'], 'pieces', 422];
        yield 'too many' => [['pieces' => '10001'], 'pieces', 422];
        yield 'words' => [['pieces' => 'a dozen'], 'pieces', 422];
        yield 'a day that is over' => [['day' => '2026-11-20'], 'day', 422];
        yield 'no such day' => [['day' => '2026-02-30'], 'day', 422];
    }

    /** @param array<string, string> $wish */
    #[DataProvider('wrong')]
    public function testBadInputIsSaidAtItsField(array $wish, string $field, int $status): void
    {
        self::assertArrayHasKey($field, $this->asked($wish, $status)->record('errors')->stringMap());
    }

    public function testAJobThatIsGoneIsSaid(): void
    {
        $this->asked(['job' => 'gone'], 404);
    }

    /** Held over another time, what it costs is told, and nothing is kept of it. */
    public function testATimeIsTriedBeforeItIsGiven(): void
    {
        $day = $this->read($this->ask('GET', '/api/day'));
        $hands = array_values(
            array_filter($day->records('blocks'), static fn(Record $one): bool => 'hands' === $one->string('kind')),
        );
        $body = ['activity' => $hands[0]->string('id'), 'day' => '2026-11-26', 'time' => '14:30'];
        $tried = $this->read($this->ask('POST', '/api/day/pins/tried', $body));
        self::assertSame(
            (new \DateTimeImmutable('2026-11-26 14:30', new \DateTimeZone($day->string('zone'))))->getTimestamp(),
            $tried->integer('begins'),
        );
        self::assertGreaterThan($day->integer('finish'), $tried->integer('finish'));
        self::assertSame('Crew shirts', $tried->records('pushed')[0]->string('job'));
        self::assertSame(
            [],
            array_filter(
                $this->read($this->ask('GET', '/api/day'))->records('blocks'),
                static fn(Record $one): bool => $one->boolean('pinned'),
            ),
        );
        $this->read($this->ask('POST', '/api/day/pins/tried', ['time' => '25:00'] + $body), 422);
    }

    public function testAllPapersOfADayAreMadeAsWork(): void
    {
        self::assertSame(404, $this->ask('GET', '/api/day/papers.pdf')->getStatusCode());
        $task = $this->read($this->ask('POST', '/api/day/papers', []), 202)->string('id');
        $this->service(TaskQueue::class)->workOnNext('test');
        self::assertSame('done', $this->read($this->ask('GET', '/api/tasks/' . $task))->string('state'));
        self::assertStringStartsWith('%PDF-', (string) $this->ask('GET', '/api/day/papers.pdf')->getContent());
    }

    public function testTheMonthSaysHowMuchIsPlanned(): void
    {
        $month = $this->read($this->ask('GET', '/api/day'))->records('month');
        self::assertCount(35, $month);
        self::assertGreaterThan(0, $month[0]->integer('load_s'));
        self::assertLessThanOrEqual($month[0]->integer('hours_s'), $month[0]->integer('load_s'));
    }
}
