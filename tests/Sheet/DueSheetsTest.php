<?php

declare(strict_types=1);

namespace Wubbin\Tests\Sheet;

use Wubbin\Core\Measure\Record;
use Wubbin\Stock\Inventory;
use Wubbin\Task\TaskQueue;
use Wubbin\Tests\Support\ShopTestCase;

/** Everything that has to be printed, in one place: from what is due to what came out, and what follows from it. */
final class DueSheetsTest extends ShopTestCase
{
    private const NOW = '2026-11-27 08:30:00';

    protected function setUp(): void
    {
        parent::setUp();
        $this->freeze(self::NOW);
    }

    private function due(string $quantity = '3'): string
    {
        $id = $this->readyJob();
        $this->change(['quantity' => $quantity, 'due' => '2026-12-01']);

        return $id;
    }

    /** @param array<string, mixed> $changes */
    private function change(array $changes): void
    {
        $revision = $this->read($this->ask('GET', '/api/jobs/crew'))->integer('revision');
        $this->read($this->ask('PATCH', '/api/jobs/crew', ['revision' => $revision, 'changes' => $changes]));
    }

    private function place(): Record
    {
        return $this->read($this->ask('GET', '/api/print/due'));
    }

    private function group(): Record
    {
        return $this->place()->records('groups')[0];
    }

    private function setting(string $device = 'simulated'): void
    {
        $group = $this->group();
        $this->read(
            $this->ask('PUT', '/api/print/settings', [
                'marking' => $group->string('marking'),
                'medium' => $group->string('medium'),
                'device' => $device,
            ]),
        );
    }

    private function print(): Record
    {
        $key = $this->group()->string('key');
        $id = $this->read($this->ask('POST', '/api/print/due', ['group' => $key]), 202)->string('id');
        $this->service(TaskQueue::class)->workOnNext('test');

        return $this->read($this->ask('GET', '/api/tasks/' . $id));
    }

    /** @param list<int> $spoiled */
    private function judge(array $spoiled): Record
    {
        $sheet = $this->place()->records('unseen')[0]->string('sheet');

        return $this->read($this->ask('POST', '/api/print/verdicts', ['sheet' => $sheet, 'spoiled' => $spoiled]));
    }

    public function testNothingIsDue(): void
    {
        $this->readyJob();
        self::assertSame([], $this->place()->records('groups'), 'it has no day');
    }

    public function testWhatIsDueIsLaidOutAndPrinted(): void
    {
        $this->due();
        $group = $this->group();
        self::assertSame(3, $group->integer('sheets'), 'a shirt picture takes a sheet');
        self::assertNull($group->record('setting')->stringOrNull('device'), 'nobody has chosen yet');
        $entry = $group->records('entries')[0];
        self::assertSame(['Crew shirts', 3], [$entry->string('name'), $entry->integer('pieces')]);
        self::assertArrayHasKey(
            'device',
            $this->read($this->ask('POST', '/api/print/due', ['group' => $group->string('key')]), 422)
                ->record('errors')
                ->raw(),
        );
        $this->setting();
        $task = $this->print();
        self::assertSame('done', $task->string('state'), (string) json_encode($task->raw()));
        $print = $task->record('result')->records('prints')[0];
        self::assertSame([], $print->records('faults'), 'laid in as it should be');
        self::assertCount(3, $print->records('pages'));
        $place = $this->place();
        self::assertSame([], $place->records('groups'), 'they are sent');
        self::assertCount(3, $place->records('unseen')[0]->records('pages'));
        self::assertSame([], $this->judge([])->records('unseen'));
    }

    public function testASpoiledSheetAloneIsPrintedAgainAndIsOffTheStock(): void
    {
        $this->due();
        $this->setting();
        $medium = $this->group()->string('medium');
        $this->read(
            $this->ask('POST', '/api/stock', [
                'id' => 'bought',
                'item' => 'sheet ' . $medium,
                'kind' => 'bought',
                'amount' => '10',
                'price' => '5.00',
                'note' => '',
            ]),
        );
        $level = fn(): int => $this->service(Inventory::class)->ledgers()['sheet ' . $medium]->level();
        $before = $level();
        $this->print();
        $again = $this->judge([2]);
        $group = $again->records('groups')[0];
        self::assertSame(1, $group->integer('sheets'));
        $entry = $group->records('entries')[0];
        self::assertTrue($entry->boolean('again'));
        self::assertSame([2], $entry->integers('pages'));
        self::assertSame($before - 1000, $level(), 'in thousandths');
        $this->print();
        self::assertSame([], $this->judge([])->records('groups'));
        self::assertSame($before - 1000, $level(), 'in thousandths');
    }

    public function testASessionBeginsAfterPrinting(): void
    {
        $this->due();
        $this->setting();
        $this->print();
        $this->judge([]);
        $this->freeze('2026-11-27 08:40:00');
        $run = $this->read($this->ask('POST', '/api/jobs/crew/runs', ['id' => 'first', 'pieces' => 2]), 201);
        $kinds = array_map(
            static fn(Record $hand): array => [
                $hand->record('step')->string('kind'),
                $hand->boolean('running'),
                $hand->stringOrNull('since'),
            ],
            $run->records('hands'),
        );
        self::assertContains(['dry', true, '2026-11-27T08:30:00.000Z'], $kinds, 'it dries since it was printed');
        self::assertNotContains('print', array_column($kinds, 0));
        // Two sheets are taken; of the third nobody has begun the piece, so nothing is due.
        self::assertSame([], $this->place()->records('groups'));
        // One more than is printed begins with printing.
        $late = $this->read($this->ask('POST', '/api/jobs/crew/runs', ['id' => 'second', 'pieces' => 2]), 201);
        self::assertContains(
            'print',
            array_map(
                static fn(Record $hand): string => $hand->record('step')->string('kind'),
                $late->records('hands'),
            ),
        );
    }

    public function testTheDayKnowsWhatIsPrinted(): void
    {
        $this->due();
        $labels = fn(): array => array_merge(
            ...array_map(
                static fn(Record $block): array => $block->strings('labels'),
                $this->read($this->ask('GET', '/api/day'))->records('blocks'),
            ),
        );
        self::assertContains('print', $labels());
        $this->setting();
        $this->print();
        self::assertNotContains('print', $labels());
    }

    public function testAChangedJobHasToBePrintedAgain(): void
    {
        $this->due();
        $this->setting();
        $this->print();
        $this->judge([]);
        self::assertSame([], $this->place()->records('groups'));
        $this->change(['width' => '200 mm']);
        self::assertSame(3, $this->group()->integer('sheets'));
    }

    public function testTwoScreensThatStartTheSameStartItOnce(): void
    {
        $this->due();
        $this->setting();
        $key = $this->group()->string('key');
        $first = $this->read($this->ask('POST', '/api/print/due', ['group' => $key]), 202)->string('id');
        $other = $this->read($this->ask('POST', '/api/print/due', ['group' => $key]), 202)->string('id');
        self::assertSame($first, $other);
        self::assertSame($first, $this->group()->string('printing'));
        $this->service(TaskQueue::class)->workOnNext('test');
        $this->read($this->ask('POST', '/api/print/due', ['group' => $key]), 422);
    }

    /** What turns out wrong only when its piece is pressed is printed once more, for as long as a piece is left. */
    public function testASheetReportedWrongLater(): void
    {
        $this->due('1');
        $this->setting();
        $this->print();
        $sheet = $this->place()->records('unseen')[0]->string('sheet');
        $this->judge([]);
        $this->read($this->ask('POST', '/api/print/verdicts', ['sheet' => $sheet, 'spoiled' => [1]]));
        self::assertSame(1, $this->group()->integer('sheets'));
        $this->read($this->ask('POST', '/api/print/verdicts', ['sheet' => $sheet, 'spoiled' => [9]]), 422);
    }

    public function testAPrinterThatIsNotThere(): void
    {
        $this->due();
        $group = $this->group();
        $problem = $this->read(
            $this->ask('PUT', '/api/print/settings', [
                'marking' => $group->string('marking'),
                'medium' => $group->string('medium'),
                'device' => 'lp:gone',
            ]),
            422,
        );
        self::assertTrue($problem->record('errors')->has('device'));
    }
}
