<?php

declare(strict_types=1);

namespace Wubbin\Order;

use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Clock\ClockInterface;
use Wubbin\Core\Measure\Currency;
use Wubbin\Core\Measure\Money;
use Wubbin\Core\Measure\UnreadableQuantity;
use Wubbin\Job\StoredJob;
use Wubbin\Measure\SettingsStore;
use Wubbin\Refusal\InvalidInput;
use Wubbin\Refusal\NotFound;
use Wubbin\Refusal\Refusal;
use Wubbin\Session\GoodPieces;
use Wubbin\Storage\WriteTurn;

/** What came in and went out for orders: money, pieces that were handed over, and what customers brought. */
final readonly class OrderLedger
{
    private const LONGEST = 200;
    private const MOST_PIECES = 10_000;

    public function __construct(
        private EntityManagerInterface $entities,
        private SettingsStore $settings,
        private GoodPieces $good,
        private WriteTurn $turn,
        private ClockInterface $clock,
    ) {}

    /** @return list<StoredPayment> the oldest first */
    public function payments(string $order): array
    {
        return $this->of(StoredPayment::class, $order);
    }

    /** @return list<StoredHandover> the oldest first */
    public function handovers(string $order): array
    {
        return $this->of(StoredHandover::class, $order);
    }

    /** @return list<StoredGarment> the oldest first */
    public function garments(string $order): array
    {
        return $this->of(StoredGarment::class, $order);
    }

    /**
     * @template T of object
     *
     * @param class-string<T> $class
     *
     * @return list<T>
     */
    private function of(string $class, string $order): array
    {
        return $this->entities->getRepository($class)->findBy(['order' => $order], ['at' => 'ASC', 'id' => 'ASC']);
    }

    /**
     * Money that came, once for each id. The same amount on the same day is asked about first: it may be the same one.
     *
     * @throws Refusal naming the field
     */
    public function pay(StoredOrder $order, NewPayment $new): void
    {
        $amount = $this->money('amount', $new->amount) ?? throw InvalidInput::field('amount', 'Write how much it is.');
        if (0 === $amount) {
            throw InvalidInput::field('amount', 'Write how much it is. What went back has a minus before it.');
        }
        $day = \DateTimeImmutable::createFromFormat('!Y-m-d', $new->day);
        if (false === $day || $day->format('Y-m-d') !== $new->day) {
            throw InvalidInput::field('day', 'Write the day as 2026-12-31.');
        }
        $how = self::short('how', $new->how, 120);
        $this->turn->take(function () use ($order, $new, $amount, $how): void {
            if (null !== $this->entities->find(StoredPayment::class, $new->id)) {
                return;
            }
            $same = array_filter(
                $this->payments($order->id),
                static fn(StoredPayment $one): bool => [$one->day, $one->amount] === [$new->day, $amount],
            );
            if ([] !== $same && !$new->twice) {
                throw InvalidInput::field(
                    'twice',
                    'The same amount of the same day is there already. Say that this is another one.',
                );
            }
            $this->entities->persist(
                new StoredPayment($new->id, $order->id, $new->day, $amount, $how, $this->clock->now()),
            );
        });
    }

    /** @throws Refusal where it is not one of this order */
    public function unpay(StoredOrder $order, string $id): void
    {
        $this->remove($order, $this->entities->find(StoredPayment::class, $id));
    }

    /**
     * Pieces that the customer takes, once for each id.
     *
     * @param array<string, int> $pieces by job; all that are good and were not handed over where nothing is said
     *
     * @throws Refusal where there are not so many good ones
     */
    public function handOver(StoredOrder $order, string $id, array $pieces, string $note): StoredHandover
    {
        $note = self::short('note', $note, self::LONGEST);

        return $this->turn->take(function () use ($order, $id, $pieces, $note): StoredHandover {
            $known = $this->entities->find(StoredHandover::class, $id);
            if (null !== $known) {
                return $known;
            }
            $there = $this->toHandOver($order);
            $wanted = [] === $pieces ? $there : array_filter($pieces, static fn(int $count): bool => 0 !== $count);
            foreach ($wanted as $job => $count) {
                if ($count < 0 || $count > ($there[$job] ?? 0)) {
                    throw InvalidInput::field(
                        'pieces',
                        sprintf('Of “%s” %d good pieces are left to hand over.', $this->name($job), $there[$job] ?? 0),
                    );
                }
            }
            if ([] === $wanted) {
                throw InvalidInput::field('pieces', 'There is no good piece left to hand over.');
            }
            /** @var int|null $last */
            $last = $this->entities
                ->createQuery('SELECT MAX(h.number) FROM ' . StoredHandover::class . ' h')
                ->getSingleScalarResult();
            $handover = new StoredHandover($id, ($last ?? 0) + 1, $order->id, $wanted, $note, $this->clock->now());
            $this->entities->persist($handover);

            return $handover;
        });
    }

    /** @throws Refusal where it is not one of this order */
    public function takeBack(StoredOrder $order, string $id): void
    {
        $this->remove($order, $this->entities->find(StoredHandover::class, $id));
    }

    /** @return array<string, int> good pieces that were not handed over, by job; only those that there are some of */
    public function toHandOver(StoredOrder $order): array
    {
        $good = $this->good->goodByJob();
        $handed = self::handed($this->handovers($order->id));
        $left = [];
        foreach ($order->jobs as $job) {
            $wanted = $this->entities->find(StoredJob::class, $job)->quantity ?? 0;
            $left[$job] = min($wanted, $good[$job] ?? 0) - ($handed[$job] ?? 0);
        }

        return array_filter($left, static fn(int $count): bool => $count > 0);
    }

    /**
     * @param list<StoredHandover> $handovers
     *
     * @return array<string, int> pieces by job
     */
    public static function handed(array $handovers): array
    {
        $handed = [];
        foreach ($handovers as $one) {
            foreach ($one->pieces as $job => $count) {
                $handed[$job] = ($handed[$job] ?? 0) + $count;
            }
        }

        return $handed;
    }

    /** @throws Refusal naming the field */
    public function bringIn(StoredOrder $order, NewGarment $new): void
    {
        if ($new->pieces < 1 || $new->pieces > self::MOST_PIECES) {
            throw InvalidInput::field('pieces', sprintf('From 1 to %d pieces.', self::MOST_PIECES));
        }
        $what = self::short('what', $new->what, 120);
        if ('' === $what) {
            throw InvalidInput::field('what', 'Say what it is, such as a shirt.');
        }
        $garment = new StoredGarment(
            $new->id,
            $order->id,
            $what,
            self::short('size', $new->size, 40),
            self::short('colour', $new->colour, 40),
            $new->pieces,
            self::short('terms', $new->terms, self::LONGEST),
            $this->clock->now(),
        );
        $this->turn->take(function () use ($garment): void {
            if (null === $this->entities->find(StoredGarment::class, $garment->id)) {
                $this->entities->persist($garment);
            }
        });
    }

    /** @throws Refusal where it is not one of this order */
    public function giveBack(StoredOrder $order, string $id): void
    {
        $this->remove($order, $this->entities->find(StoredGarment::class, $id));
    }

    private function remove(StoredOrder $order, StoredPayment|StoredHandover|StoredGarment|null $what): void
    {
        if (null === $what || $what->order !== $order->id) {
            throw new NotFound('This is not there any more.');
        }
        $this->turn->take(function () use ($what): void {
            $this->entities->remove($what);
        });
    }

    /**
     * Money as it was typed, in minor units of the shop's currency; nothing where nothing was.
     *
     * @throws Refusal naming the field
     */
    public function money(string $field, string $typed): ?int
    {
        try {
            return '' === trim($typed) ? null : Money::read($typed, $this->currency())->minor;
        } catch (UnreadableQuantity $e) {
            throw InvalidInput::field($field, $e->getMessage());
        }
    }

    public function currency(): Currency
    {
        return Currency::of($this->settings->get()->currency);
    }

    /**
     * What was paid for some orders, in minor units.
     *
     * @param list<string> $orders
     *
     * @return array<string, int> by order
     */
    public function paid(array $orders): array
    {
        /** @var list<array{of: string, paid: int}> $rows */
        $rows = $this->entities
            ->createQuery(
                'SELECT p.order AS of, SUM(p.amount) AS paid FROM ' .
                    StoredPayment::class .
                    ' p WHERE p.order IN (:orders) GROUP BY p.order',
            )
            ->setParameter('orders', ['', ...$orders])
            ->getArrayResult();

        return array_map(intval(...), array_column($rows, 'paid', 'of'));
    }

    /**
     * Pieces that were handed over of some orders, by job.
     *
     * @param list<string> $orders
     *
     * @return array<string, int>
     */
    public function handedOf(array $orders): array
    {
        return self::handed($this->entities->getRepository(StoredHandover::class)->findBy(['order' => $orders]));
    }

    /** @throws Refusal where it is too long */
    public static function short(string $field, string $typed, int $most): string
    {
        $text = trim($typed);

        return mb_strlen($text) <= $most
            ? $text
            : throw InvalidInput::field($field, sprintf('At most %d characters.', $most));
    }

    private function name(string $job): string
    {
        return $this->entities->find(StoredJob::class, $job)?->job()->name ?? $job;
    }
}
