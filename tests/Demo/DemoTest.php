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
    /** Some shirts are made, bags are printed, boards dry. */
    private const BEGUN = ['picking-crew', 'seed-bags', 'variety-boards'];

    public function testTheOrchardGetsReadyForItsFair(): void
    {
        self::assertSame(0, $this->service(DemoCommand::class)->run(new ArrayInput([]), new NullOutput()));
        $fair = (new \DateTimeImmutable('today +10 days'))->format('Y-m-d');
        $orders = $this->rows('/api/orders');
        self::assertCount(6, $orders);
        self::assertSame(
            $fair,
            max('', ...array_map(static fn(Record $order): string => $order->string('due'), $orders)),
        );
        $jobs = array_merge(...array_map(static fn(Record $order): array => $order->records('lines'), $orders));
        self::assertCount(15, $jobs, 'all that the fair wants is ordered, and a shirt that is late');
        self::assertSame(204, array_sum(array_map(static fn(Record $line): int => $line->integer('quantity'), $jobs)));

        $day = $this->read($this->ask('GET', '/api/day'));
        self::assertNull($day->stringOrNull('why'));
        self::assertSame(
            [['Shirt for the cook'], []],
            [$day->strings('late'), $day->strings('later')],
            'all else can be done',
        );

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
        self::assertCount(6, $this->rows('/api/orders'), 'it moves in once');
    }

    /**
     * Hands and sheets of every job on its ticket, in its cost and in the day. What is begun already, the day has less
     * of.
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
            in_array($id, self::BEGUN, true)
                ? self::assertLessThan($work->integer('hands_s'), $hands, $id)
                : self::assertSame($work->integer('hands_s'), $hands, $id . ': hands in the day');
        }
    }
}
