<?php

declare(strict_types=1);

namespace Wubbin\Order;

use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\Uid\Uuid;
use Wubbin\Change\ChangeKind;
use Wubbin\Change\Changes;
use Wubbin\Core\Job\Breakdown;
use Wubbin\Core\Job\Job;
use Wubbin\Core\Job\OrderLine;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\QuantityParser;
use Wubbin\Job\JobPlanner;
use Wubbin\Job\StoredJob;
use Wubbin\Measure\SettingsStore;
use Wubbin\Refusal\InvalidInput;
use Wubbin\Refusal\NotFound;
use Wubbin\Refusal\Refusal;
use Wubbin\Session\GoodPieces;
use Wubbin\Session\NamesLeft;

/** Takes orders, makes their lines jobs, and tells how far they are. */
final readonly class OrderBook
{
    public const A_PAGE = 60;

    /** So many names stand on a line of an order. */
    private const NAMES = 30;

    public function __construct(
        private EntityManagerInterface $entities,
        private JobPlanner $jobs,
        private GoodPieces $goodPieces,
        private SettingsStore $settings,
        private ClockInterface $clock,
        private Changes $changes,
        private OrderLedger $ledger,
        private OrderSearch $search,
        private NamesLeft $names,
    ) {}

    /** @throws Refusal when there is none */
    public function find(string $id): StoredOrder
    {
        return $this->entities->find(StoredOrder::class, $id) ??
            throw new NotFound('There is no order of this id in this shop.');
    }

    /** @return list<OrderView> those that pieces are left to make or to hand over of in front, the soonest due first */
    public function page(string $words, OrdersWanted $wanted, int $after): array
    {
        $ids = $this->search->ids($words, $wanted, $after, $this->today());
        $orders = [];
        foreach ($this->entities->getRepository(StoredOrder::class)->findBy(['id' => $ids]) as $order) {
            $orders[(int) array_search($order->id, $ids, true)] = $order;
        }
        ksort($orders);

        return $this->views(array_values($orders));
    }

    private function today(): string
    {
        return $this->clock->now()->setTimezone(new \DateTimeZone($this->settings->get()->zone))->format('Y-m-d');
    }

    /** @return list<OrderView> orders with good pieces that nobody has handed over yet, the soonest due first */
    public function ready(): array
    {
        return array_values(
            array_filter(
                $this->page('', OrdersWanted::Open, 0),
                static fn(OrderView $one): bool => $one->done && $one->handed < $one->pieces,
            ),
        );
    }

    public function view(StoredOrder $order): OrderView
    {
        return $this->views([$order])[0] ?? throw new \LogicException('It is there.');
    }

    /**
     * A second click with the same id finds the first one's.
     *
     * @throws Refusal naming the line and field that is wrong
     */
    public function take(NewOrder $new): StoredOrder
    {
        $known = $this->entities->find(StoredOrder::class, $new->id);
        if (null !== $known) {
            return $known;
        }
        if ([] === $new->lines) {
            throw InvalidInput::field('lines', 'An order needs one line or more. Say what you want.');
        }

        $order = $this->store(
            $new->id,
            $new->label,
            $new->due,
            $new->note,
            $this->lines($new->lines),
            'click-' . $new->id,
        );
        $order->put(
            new OrderHead(
                $new->label,
                $new->due,
                $new->note,
                false,
                $new->customer,
                $new->contact,
                $this->ledger->money('agreed', $new->agreed),
            ),
        );
        $this->entities->flush();

        return $order;
    }

    /** Adds a line to an order. */
    public function add(StoredOrder $order, string $what, string $quantity, string $sizes): void
    {
        if (count($order->jobs) >= NewOrder::MOST_LINES) {
            throw InvalidInput::field('lines', sprintf('At most %d lines in one order.', NewOrder::MOST_LINES));
        }
        $order->jobs = [
            ...$order->jobs,
            ...$this->jobsOf(
                $this->lines([['what' => $what, 'quantity' => $quantity, 'sizes' => $sizes]], false),
                $order->label,
                $order->due,
            ),
        ];
        $this->entities->flush();
    }

    /** Its jobs are due with it. */
    public function change(StoredOrder $order, OrderHead $head): void
    {
        $before = $order->head()->toDocument();
        $this->set($order, $head);
        $this->changes->keep(ChangeKind::Order, $order->id, $before, $head->toDocument());
        $this->entities->flush();
    }

    /** The same without a word of it among the changes; stored by whoever flushes. */
    public function set(StoredOrder $order, OrderHead $head): void
    {
        foreach ($this->entities->getRepository(StoredJob::class)->findBy(['id' => $order->jobs]) as $stored) {
            if ($head->due !== $order->due) {
                $stored->change($stored->job()->dueOn($head->due), $this->clock->now());
            }
            if ($head->archived !== $order->archived) {
                $stored->archived = $head->archived;
            }
        }
        $order->put($head);
    }

    /** The same once more, for another day. */
    public function repeat(StoredOrder $order, string $id, ?string $due): StoredOrder
    {
        $known = $this->entities->find(StoredOrder::class, $id);
        if (null !== $known) {
            return $known;
        }
        $jobs = [];
        foreach ($this->jobsIn([$order])[$order->id] as $job) {
            $copy = $job->orderedAs(Uuid::v4()->toRfc4122(), $job->name, $job->quantity, $due, $job->breakdown);
            $this->entities->persist(StoredJob::fromJob($copy, $this->clock->now()));
            $jobs[] = $copy->id;
        }

        return $this->keep(
            new StoredOrder($id, $order->label, $due, $order->note, $jobs, 'click-' . $id, $this->clock->now()),
        );
    }

    /** @param non-empty-list<OrderLine> $lines */
    public function store(
        string $id,
        string $label,
        ?string $due,
        string $note,
        array $lines,
        string $source,
    ): StoredOrder {
        return $this->keep(
            new StoredOrder(
                $id,
                $label,
                $due,
                $note,
                $this->jobsOf($lines, $label, $due),
                $source,
                $this->clock->now(),
            ),
        );
    }

    /** An order of jobs that are there already. */
    public function gather(string $id, OrderHead $head, string ...$jobs): StoredOrder
    {
        $order = new StoredOrder(
            $id,
            $head->label,
            $head->due,
            $head->note,
            array_values($jobs),
            'click-' . $id,
            $this->clock->now(),
        );
        $order->put($head);

        return $this->keep($order);
    }

    public function keep(StoredOrder $order): StoredOrder
    {
        $this->entities->persist($order);
        $this->entities->flush();

        return $order;
    }

    /**
     * @param list<OrderLine> $lines
     *
     * @return list<string> ids of the jobs that they became
     */
    private function jobsOf(array $lines, string $label, ?string $due): array
    {
        $ids = [];
        foreach ($lines as $line) {
            $job = $line->job(Uuid::v4()->toRfc4122(), $label, $due);
            $this->entities->persist(StoredJob::fromJob($job, $this->clock->now()));
            $ids[] = $job->id;
        }

        return $ids;
    }

    /**
     * Names of pieces, as many as a line has room for.
     *
     * @param list<string> $names
     */
    private static function firstOf(array $names): string
    {
        $more = count($names) - self::NAMES;

        return implode('; ', array_slice($names, 0, self::NAMES)) . ($more > 0 ? sprintf('; and %d more', $more) : '');
    }

    /**
     * @param list<array{what: string, quantity: string, sizes: string}> $typed
     *
     * @return non-empty-list<OrderLine>
     *
     * @throws Refusal naming the line and its field; of a single one the field alone
     */
    private function lines(array $typed, bool $numbered = true): array
    {
        $lines = $errors = [];
        foreach ($typed as $n => $line) {
            $at = $numbered ? 'lines.' . $n . '.' : '';
            $like = $this->entities->find(StoredJob::class, $line['what']);
            if (null === $like) {
                $errors[$at . 'what'] = 'Choose what you want.';
                continue;
            }
            try {
                $lines[] = OrderLine::typed(
                    $like->job(),
                    $line['quantity'],
                    $line['sizes'],
                    $this->jobs->catalogue(),
                    $this->parser(),
                );
            } catch (BadRecord $e) {
                $errors[$at . $e->field] = $e->getMessage();
            }
        }

        return [] === $errors && [] !== $lines
            ? $lines
            : throw InvalidInput::fields([] === $errors ? ['lines' => 'Say what you want.'] : $errors);
    }

    /**
     * @param list<StoredOrder> $orders
     *
     * @return list<OrderView>
     */
    private function views(array $orders): array
    {
        $catalogue = $this->jobs->catalogue();
        $good = $this->goodPieces->goodByJob();
        $jobs = $this->jobsIn($orders);
        $ids = array_map(static fn(StoredOrder $order): string => $order->id, $orders);
        $paid = $this->ledger->paid($ids);
        $handed = $this->ledger->handedOf($ids);
        $currency = $this->ledger->currency();
        $worded = fn(Job $job): array => [
            $job,
            null === $job->series
                ? (isset($catalogue->blanks[$job->blank->kindId])
                    ? Breakdown::write($job->breakdown, $catalogue->blanks[$job->blank->kindId], $catalogue)
                    : '')
                : self::firstOf($this->names->labels($job)),
        ];

        $today = $this->today();

        return array_map(
            static fn(StoredOrder $order): OrderView => OrderView::fromOrder(
                $order,
                array_map($worded, $jobs[$order->id]),
                $good,
                $handed,
                $paid[$order->id] ?? 0,
                $currency,
                $today,
            ),
            $orders,
        );
    }

    /**
     * @param list<StoredOrder> $orders
     *
     * @return array<string, list<Job>> by order, in the order of the lines
     */
    private function jobsIn(array $orders): array
    {
        $stored = [];
        foreach (
            $this->entities->getRepository(StoredJob::class)->findBy([
                'id' => array_merge(...array_map(static fn(StoredOrder $order): array => $order->jobs, $orders)),
            ])
            as $one
        ) {
            $stored[$one->id] = $one->job();
        }
        $in = [];
        foreach ($orders as $order) {
            $in[$order->id] = array_values(
                array_filter(
                    array_map(static fn(string $id): ?Job => $stored[$id] ?? null, $order->jobs),
                    static fn(?Job $job): bool => null !== $job,
                ),
            );
        }

        return $in;
    }

    public function parser(): QuantityParser
    {
        return new QuantityParser($this->settings->get()->unit());
    }
}
