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
        self::assertCount(4, $orders);
        self::assertSame(
            $fair,
            max('', ...array_map(static fn(Record $order): string => $order->string('due'), $orders)),
        );
        $jobs = array_merge(...array_map(static fn(Record $order): array => $order->records('lines'), $orders));
        self::assertCount(13, $jobs, 'all that the fair wants is ordered');
        self::assertSame(191, array_sum(array_map(static fn(Record $line): int => $line->integer('quantity'), $jobs)));

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
        self::assertSame(0, $this->service(DemoCommand::class)->run(new ArrayInput([]), new NullOutput()));
        self::assertCount(4, $this->rows('/api/orders'), 'it moves in once');
    }
}
