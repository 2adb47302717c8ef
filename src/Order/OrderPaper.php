<?php

declare(strict_types=1);

namespace Wubbin\Order;

use Wubbin\Core\Measure\Currency;
use Wubbin\Core\Measure\Money;
use Wubbin\Core\Measure\PaperSize;
use Wubbin\Pdf\Paper;

/** What a customer gets on paper: what was ordered and agreed, and what was handed over. No invoice. */
final readonly class OrderPaper
{
    private const LINES = ['What', 'Sizes', 'Pieces'];

    public function __construct(private PaperSize $size) {}

    public function confirmation(OrderView $order, \DateTimeImmutable $now): Paper
    {
        $paper = $this->begun('Order confirmation', $order, 'Confirmed on ' . $now->format('Y-m-d'))
            ->words(null === $order->due ? '' : 'Ready by ' . $order->due)
            ->table(
                self::LINES,
                array_map(
                    static fn(OrderLineView $line): array => [$line->name, $line->sizes, (string) $line->quantity],
                    $order->lines,
                ),
                2,
            );
        if (null !== $order->agreed) {
            $paper->table([], self::sums($order, $order->agreed));
        }

        return $paper->words($order->note);
    }

    public function delivery(OrderView $order, StoredHandover $handover, \DateTimeZone $zone): Paper
    {
        $at = (new \DateTimeImmutable($handover->at))->setTimezone($zone)->format('Y-m-d');
        $rows = [];
        foreach ($order->lines as $line) {
            $count = $handover->pieces[$line->job] ?? 0;
            if ($count > 0) {
                $rows[] = [$line->name, $count === $line->quantity ? $line->sizes : '', (string) $count];
            }
        }
        $rows[] = ['*Together', '', (string) array_sum($handover->pieces)];

        return $this->begun(sprintf('Delivery note %d', $handover->number), $order, 'Handed over on ' . $at)
            ->table(self::LINES, $rows, 2)
            ->words($handover->note)
            ->words('Received, day and name', 'sign');
    }

    /** @param list<array{what: string, size: string, colour: string, pieces: int}> $picks */
    public function picks(string $of, array $picks): Paper
    {
        $rows = array_map(
            static fn(array $pick): array => [$pick['what'], $pick['size'], $pick['colour'], (string) $pick['pieces']],
            $picks,
        );
        $rows[] = ['*Together', '', '', (string) array_sum(array_column($picks, 'pieces'))];

        return (new Paper('Pick list', $this->size))
            ->add('<h1>Pick list</h1>')
            ->words($of, 'lead')
            ->table(['What', 'Size', 'Colour', 'Pieces'], $rows, 3, true);
    }

    private function begun(string $title, OrderView $order, string $line): Paper
    {
        return (new Paper($title, $this->size))
            ->add('<h1>' . Paper::text($title) . '</h1>')
            ->words($order->label, 'lead')
            ->words($order->customer)
            ->words($order->contact)
            ->words($line);
    }

    /** @return list<list<string>> */
    private static function sums(OrderView $order, int $agreed): array
    {
        $currency = Currency::of($order->currency);
        $money = static fn(int $minor): string => Money::minor($minor, $currency)->text();

        return [
            ['*Agreed, ' . $currency->code, $money($agreed)],
            ...0 === $order->paid
                ? []
                : [['Paid', $money($order->paid)], ['*Still to pay', $money(max(0, $agreed - $order->paid))]],
        ];
    }
}
