<?php

declare(strict_types=1);

namespace Wubbin\Tests\Today;

use Doctrine\DBAL\Connection;
use Wubbin\Core\Measure\Record;
use Wubbin\Task\TaskQueue;
use Wubbin\Tests\Support\ShopTestCase;

/** The first page: what runs, what comes next, what waits, what is in the way; and one box to find things in. */
final class TodayApiTest extends ShopTestCase
{
    private const NOW = '2026-11-27 09:30:00';

    protected function setUp(): void
    {
        parent::setUp();
        $this->freeze(self::NOW);
    }

    /** @param array<string, mixed> $changes */
    private function change(array $changes): void
    {
        $revision = $this->read($this->ask('GET', '/api/jobs/crew'))->integer('revision');
        $this->read($this->ask('PATCH', '/api/jobs/crew', ['revision' => $revision, 'changes' => $changes]));
    }

    private function today(string $of = ''): Record
    {
        return $this->read($this->ask('GET', '/api/today' . $of));
    }

    /** @return list<string> what the buttons do */
    private function next(): array
    {
        return array_map(
            static fn(Record $one): string => $one->string('does') . ' ' . $one->integer('count'),
            $this->today()->records('next'),
        );
    }

    /** @return list<string> */
    private function kinds(): array
    {
        return array_map(static fn(Record $one): string => $one->string('kind'), $this->today()->records('obstacles'));
    }

    private function printAll(): void
    {
        $group = $this->read($this->ask('GET', '/api/print/due'))->records('groups')[0];
        $this->read(
            $this->ask('PUT', '/api/print/settings', [
                'marking' => $group->string('marking'),
                'medium' => $group->string('medium'),
                'device' => 'simulated',
            ]),
        );
        $this->read($this->ask('POST', '/api/print/due', ['group' => $group->string('key')]), 202);
        $this->service(TaskQueue::class)->workOnNext('test');
    }

    public function testAnEmptyShop(): void
    {
        $today = $this->today();
        self::assertTrue($today->boolean('empty'));
        self::assertSame([], $today->records('next'));
        self::assertNull($today->raw()['ahead']);
    }

    public function testNothingIsDue(): void
    {
        $this->readyJob();
        self::assertFalse($this->today()->boolean('empty'));
        self::assertSame([], $this->next());
    }

    public function testPrintingThenPressingThenHandingOver(): void
    {
        $this->readyJob();
        $this->change(['quantity' => '2', 'due' => '2026-12-01']);
        self::assertSame(['print 2'], $this->next());
        self::assertContains('printer', $this->kinds(), 'nobody has said where it is connected');
        $this->printAll();
        $today = $this->today();
        $unseen = $today->records('unseen');
        self::assertCount(1, $unseen);
        self::assertSame(['begin 2'], $this->next());
        $wrong = ['sheet' => $unseen[0]->string('sheet'), 'spoiled' => [2]];
        $this->read($this->ask('POST', '/api/print/verdicts', $wrong));
        $again = $this->today()->records('next')[0];
        self::assertSame(
            ['print', 1, ['crew']],
            [$again->string('does'), $again->integer('count'), $again->strings('jobs')],
        );
        $this->printAll();
        self::assertSame(['begin 2'], $this->next());
        $waiting = $today->records('waiting')[0];
        self::assertSame(['let it dry', 2], [$waiting->string('what'), $waiting->integer('count')]);
        $begin = fn(string $id, int $status): Record => $this->read(
            $this->ask('POST', '/api/jobs/crew/runs', ['id' => $id, 'pieces' => 2, 'left' => 2]),
            $status,
        );
        $begin('now', 201);
        $begin('now', 201);
        $begin('another-screen', 409);
        self::assertSame(['go-on 2'], $this->next());
        $this->service(Connection::class)->executeStatement(
            "UPDATE piece SET outcome = 'good', judged = '2026-11-27T10:00:00.000Z'",
        );
        $this->service(Connection::class)->executeStatement("UPDATE run SET finished = '2026-11-27T10:00:00.000Z'");
        self::assertSame([], $this->next(), 'no order waits for them');
        $this->read(
            $this->ask('POST', '/api/orders', [
                'id' => 'crew-order',
                'label' => 'The crew',
                'due' => '2026-12-01',
                'note' => '',
                'lines' => [['what' => 'crew', 'quantity' => '1', 'sizes' => '']],
            ]),
            201,
        );
        self::assertSame(['print 1'], $this->next(), 'one more is ordered');
    }

    public function testWhatIsInTheWayIsToldWithWhatMendsIt(): void
    {
        $this->readyJob();
        $this->change(['quantity' => '1', 'due' => '2026-11-26']);
        $obstacles = $this->today()->records('obstacles');
        self::assertSame('late', $obstacles[0]->string('kind'));
        self::assertStringContainsString('Crew shirts', $obstacles[0]->string('text'));
        self::assertSame('/day', $obstacles[0]->string('to'));
        $this->change(['colour' => '#1f4d2b']);
        self::assertContains('checks', $this->kinds());
        self::assertSame('settle', $this->today()->records('next')[0]->string('does'));
    }

    public function testAJobThatWasChangedAfterItsSheetsWerePrinted(): void
    {
        $this->readyJob();
        $this->change(['quantity' => '2', 'due' => '2026-12-01']);
        $this->printAll();
        self::assertNotContains('changed', $this->kinds());
        $this->change(['width' => '180 mm']);
        self::assertContains('changed', $this->kinds());
        self::assertSame(['print 1'], $this->next(), 'two smaller ones share a sheet');
    }

    public function testAheadAndBehind(): void
    {
        $this->readyJob();
        $this->change(['quantity' => '2', 'due' => '2026-12-01']);
        self::assertTrue($this->today()->boolean('new'));
        $this->read($this->ask('POST', '/api/day/seen'));
        self::assertFalse($this->today()->boolean('new'));
        self::assertSame(0, $this->today()->integer('ahead'));
        $this->freeze('2026-11-27 09:50:00');
        self::assertSame(-1200, $this->today()->integer('ahead'), 'twenty minutes of work');
        $this->freeze('2026-11-28 09:00:00');
        self::assertTrue($this->today()->boolean('new'), 'a day has begun');
    }

    public function testAMachineOutOfOrder(): void
    {
        $this->readyJob();
        $this->change(['quantity' => '2', 'due' => '2026-11-27']);
        $machine = $this->today()->records('machines')[0]->string('id');
        $say = fn(?string $day): Record => $this->read(
            $this->ask('PUT', '/api/day/absences', [
                'kind' => 'machine',
                'id' => $machine,
                'number' => 0,
                'day' => $day,
            ]),
        );
        self::assertSame(['Crew shirts'], $say('2026-12-02')->strings('late'));
        self::assertContains('absence', $this->kinds());
        self::assertSame([], $say(null)->strings('late'));
        self::assertNotContains('absence', $this->kinds());
        $this->read(
            $this->ask('PUT', '/api/day/absences', [
                'kind' => 'machine',
                'id' => $machine,
                'number' => 0,
                'day' => '2026-11-27',
            ]),
            422,
        );
        $this->read(
            $this->ask('PUT', '/api/day/absences', ['kind' => 'hands', 'id' => '', 'number' => 7, 'day' => null]),
            422,
        );
    }

    public function testEverythingIsFoundByItsWords(): void
    {
        $this->readyJob();
        $found = fn(string $words): array => array_map(
            static fn(Record $one): string => $one->string('kind') . ' ' . $one->string('id'),
            $this->rows('/api/search?words=' . rawurlencode($words)),
        );
        self::assertSame(['job crew'], $found('shi cre'));
        self::assertSame([], $found('shirts nowhere'));
        self::assertSame([], $found('  "*() '));
        self::assertCount(
            1,
            array_filter($found('apple branch'), static fn(string $one): bool => str_starts_with($one, 'picture ')),
        );
        $this->change(['name' => 'Café aprons']);
        self::assertSame(['job crew'], $found('cafe'), 'accents do not matter');
        self::assertSame([], $found('crew'));
        $this->read(
            $this->ask('POST', '/api/orders', [
                'id' => 'by-mail',
                'label' => 'Hollow Farm',
                'due' => '',
                'note' => '',
                'customer' => 'Ivo Brandt',
                'contact' => '0123 456',
                'lines' => [['what' => 'crew', 'quantity' => '1', 'sizes' => '']],
            ]),
            201,
        );
        self::assertContains('order by-mail', $found('brandt'));
        self::assertContains('order by-mail', $found('0123'));
        $this->read($this->ask('PUT', '/api/removed/order/by-mail'));
        self::assertNotContains('order by-mail', $found('brandt'));
    }
}
