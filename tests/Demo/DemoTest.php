<?php

declare(strict_types=1);

namespace Wubbin\Tests\Demo;

use Symfony\Component\Console\Input\ArrayInput;
use Symfony\Component\Console\Output\NullOutput;
use Wubbin\Core\Measure\Record;
use Wubbin\Demo\DemoCommand;
use Wubbin\Tests\Support\ShopTestCase;

/** The made-up orchard as it is moved in: its fair is in ten days, whenever that is. */
final class DemoTest extends ShopTestCase
{
    public function testTheOrchardGetsReadyForItsFair(): void
    {
        self::assertSame(0, $this->service(DemoCommand::class)->run(new ArrayInput([]), new NullOutput()));
        $fair = (new \DateTimeImmutable('today +10 days'))->format('Y-m-d');
        $orders = $this->rows('/api/orders');
        self::assertCount(5, $orders);
        self::assertSame(
            $fair,
            max('', ...array_map(static fn(Record $order): string => $order->string('due'), $orders)),
        );
        $jobs = array_merge(...array_map(static fn(Record $order): array => $order->records('lines'), $orders));
        self::assertCount(14, $jobs, 'all that the fair wants is ordered');
        self::assertSame(203, array_sum(array_map(static fn(Record $line): int => $line->integer('quantity'), $jobs)));

        $day = $this->read($this->ask('GET', '/api/day'));
        self::assertNull($day->stringOrNull('why'));
        self::assertSame([[], []], [$day->strings('late'), $day->strings('later')], 'it can be done');

        $stock = $this->read($this->ask('GET', '/api/stock'));
        self::assertContains(
            'Ordinary mug, white',
            array_map(static fn(Record $one): string => $one->string('label'), $stock->records('buy')),
            'twelve mugs are missing',
        );
        self::assertSame(
            [],
            array_filter($stock->records('others'), static fn(Record $one): bool => $one->number('needed') > 0.0),
            'all that is needed has been bought once',
        );
        foreach (array_map(static fn(Record $order): Record => $order->records('lines')[0], $orders) as $line) {
            self::assertTrue(
                $this->read($this->ask('GET', '/api/jobs/' . $line->string('job') . '/cost'))->boolean('whole'),
                $line->string('name') . ' has a price for everything',
            );
        }
        $this->everyPageCountsTheSame($jobs, $day);
        self::assertSame(0, $this->service(DemoCommand::class)->run(new ArrayInput([]), new NullOutput()));
        self::assertCount(5, $this->rows('/api/orders'), 'it moves in once');
    }

    /**
     * Hands and sheets of every job on its ticket, in its cost and in the day. Some of the crew's shirts are made
     * already: the day has only those that are left.
     *
     * @param list<Record> $lines of orders
     */
    private function everyPageCountsTheSame(array $lines, Record $day): void
    {
        foreach ($lines as $line) {
            $id = $line->string('job');
            $work = $this->read($this->ask('GET', '/api/jobs/' . $id))->record('work');
            $how = [];
            foreach ($this->read($this->ask('GET', '/api/jobs/' . $id . '/cost'))->records('lines') as $cost) {
                $how[$cost->string('id')] = $cost->string('how');
            }
            self::assertSame(
                sprintf('%d sheets, 1 to spare', $work->integer('sheets') + 1),
                $how['sheet'] ?? '',
                $id . ': sheets in the cost',
            );
            self::assertEqualsWithDelta($work->integer('hands_s') / 60.0, (float) ($how['hands'] ?? 0), 0.501, $id);
            $hands = 0;
            foreach ($day->records('blocks') as $block) {
                $own = 'hands' === $block->string('kind') && $id === $block->string('job');
                $hands += $own ? $block->integer('seconds') : 0;
            }
            'picking-crew' === $id
                ? self::assertLessThan($work->integer('hands_s'), $hands, $id)
                : self::assertSame($work->integer('hands_s'), $hands, $id . ': hands in the day');
        }
    }
}
