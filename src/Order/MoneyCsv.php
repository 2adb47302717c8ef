<?php

declare(strict_types=1);

namespace Wubbin\Order;

use Doctrine\ORM\EntityManagerInterface;
use Wubbin\Core\Measure\Currency;
use Wubbin\Core\Measure\Money;
use Wubbin\Core\Measure\Record;
use Wubbin\Cost\StoredQuote;
use Wubbin\Storage\CsvFile;

/** Orders, quotes and payments as tables for the shop's own bookkeeping; `docs/money-csv.md` has the columns. */
final readonly class MoneyCsv
{
    private const ORDERS = [
        'order',
        'label',
        'customer',
        'contact',
        'created',
        'due',
        'pieces',
        'good',
        'handed_over',
        'agreed',
        'paid',
        'owed',
        'currency',
        'quote',
    ];
    private const QUOTES = ['quote', 'for', 'created', 'valid', 'net', 'tax', 'gross', 'currency', 'order'];
    private const PAYMENTS = ['payment', 'order', 'label', 'day', 'amount', 'currency', 'how'];

    public function __construct(
        private EntityManagerInterface $entities,
        private OrderBook $orders,
        private OrderLedger $ledger,
    ) {}

    /** @param resource $to */
    public function orders($to): void
    {
        $numbers = $this->quoteNumbers();
        CsvFile::write(
            $to,
            self::ORDERS,
            (function () use ($numbers): iterable {
                foreach ([OrdersWanted::All, OrdersWanted::Archived] as $which) {
                    for (
                        $after = 0;
                        [] !== ($page = $this->orders->page('', $which, $after));
                        $after += OrderBook::A_PAGE
                    ) {
                        foreach ($page as $one) {
                            yield [
                                $one->id,
                                $one->label,
                                $one->customer,
                                $one->contact,
                                substr($this->orders->find($one->id)->created, 0, 10),
                                $one->due ?? '',
                                (string) $one->pieces,
                                (string) $one->good,
                                (string) $one->handed,
                                $this->money($one->agreed),
                                $this->money($one->paid),
                                $this->money($one->owed),
                                $one->currency,
                                (string) ($numbers[$one->quote ?? ''] ?? ''),
                            ];
                        }
                    }
                }
            })(),
        );
    }

    /** @param resource $to */
    public function quotes($to): void
    {
        /** @var array<string, string> $orders */
        $orders = $this->entities
            ->getConnection()
            ->fetchAllKeyValue('SELECT quote, id FROM shop_order WHERE quote IS NOT NULL');
        CsvFile::write(
            $to,
            self::QUOTES,
            array_map(static function (StoredQuote $one) use ($orders): array {
                $quote = Record::of($one->document);
                $currency = Currency::of($quote->string('currency'));
                $money = static fn(string $field): string => Money::minor($quote->integer($field), $currency)->text();

                return [
                    (string) $one->number,
                    $one->label,
                    $quote->string('created'),
                    $quote->string('valid'),
                    $money('net'),
                    $money('tax'),
                    $money('gross'),
                    $currency->code,
                    $orders[$one->id] ?? '',
                ];
            }, $this->entities->getRepository(StoredQuote::class)->findBy([], ['number' => 'ASC'])),
        );
    }

    /** @param resource $to */
    public function payments($to): void
    {
        $labels = [];
        foreach ($this->entities->getRepository(StoredOrder::class)->findAll() as $order) {
            $labels[$order->id] = $order->label;
        }
        CsvFile::write(
            $to,
            self::PAYMENTS,
            array_map(
                fn(StoredPayment $one): array => [
                    $one->id,
                    $one->order,
                    $labels[$one->order] ?? '',
                    $one->day,
                    $this->money($one->amount),
                    $this->ledger->currency()->code,
                    $one->how,
                ],
                $this->entities->getRepository(StoredPayment::class)->findBy([], ['day' => 'ASC', 'at' => 'ASC']),
            ),
        );
    }

    /** @return array<string, int> by id */
    private function quoteNumbers(): array
    {
        $numbers = [];
        foreach ($this->entities->getRepository(StoredQuote::class)->findAll() as $quote) {
            $numbers[$quote->id] = $quote->number;
        }

        return $numbers;
    }

    private function money(?int $minor): string
    {
        return null === $minor ? '' : Money::minor($minor, $this->ledger->currency())->text();
    }
}
