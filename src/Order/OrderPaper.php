<?php

declare(strict_types=1);

namespace Wubbin\Order;

use Wubbin\Core\Measure\Currency;
use Wubbin\Core\Measure\Money;
use Wubbin\Pdf\TextPdf;

/** What a customer gets on paper: what was ordered and agreed, and what was handed over. No invoice. */
final readonly class OrderPaper
{
    private const LINES = [92.0, 50.0, 28.0];
    private const SUMS = [142.0, 28.0];
    private const PICKS = [80.0, 35.0, 35.0, 20.0];

    public static function confirmation(OrderView $order, \DateTimeImmutable $now): string
    {
        $pdf = self::begun('Order confirmation', $order, 'Confirmed on ' . $now->format('Y-m-d'));
        if (null !== $order->due) {
            $pdf->words('Ready by ' . $order->due);
        }
        $pdf->words('', 6.0);
        $pdf->row(['What', 'Sizes', 'Pieces'], self::LINES, true);
        foreach ($order->lines as $line) {
            $pdf->row([$line->name, $line->sizes, (string) $line->quantity], self::LINES);
        }
        if (null !== $order->agreed) {
            $pdf->words('', 6.0);
            self::sums($pdf, $order, $order->agreed);
        }
        if ('' !== $order->note) {
            $pdf->words('', 6.0);
            $pdf->words($order->note);
        }

        return $pdf->Output('', 'S');
    }

    public static function delivery(OrderView $order, StoredHandover $handover, \DateTimeZone $zone): string
    {
        $at = (new \DateTimeImmutable($handover->at))->setTimezone($zone)->format('Y-m-d');
        $pdf = self::begun(sprintf('Delivery note %d', $handover->number), $order, 'Handed over on ' . $at);
        $pdf->words('', 6.0);
        $pdf->row(['What', 'Sizes', 'Pieces'], self::LINES, true);
        foreach ($order->lines as $line) {
            $count = $handover->pieces[$line->job] ?? 0;
            if ($count > 0) {
                $pdf->row([$line->name, $count === $line->quantity ? $line->sizes : '', (string) $count], self::LINES);
            }
        }
        $pdf->row(['Together', (string) array_sum($handover->pieces)], self::SUMS, true);
        if ('' !== $handover->note) {
            $pdf->words('', 6.0);
            $pdf->words($handover->note);
        }
        $pdf->words('', 24.0);
        $pdf->row(['Received, day and name', '', ''], self::LINES);

        return $pdf->Output('', 'S');
    }

    /** @param list<array{what: string, size: string, colour: string, pieces: int}> $picks */
    public static function picks(string $of, array $picks): string
    {
        $pdf = new TextPdf('Pick list');
        $pdf->title('Pick list');
        $pdf->words($of);
        $pdf->words('', 6.0);
        $pdf->row(['What', 'Size', 'Colour', 'Pieces'], self::PICKS, true);
        foreach ($picks as $pick) {
            $pdf->row([$pick['what'], $pick['size'], $pick['colour'], $pick['pieces'] . ' ☐'], self::PICKS);
        }
        $pdf->row(['Together', '', '', (string) array_sum(array_column($picks, 'pieces'))], self::PICKS, true);

        return $pdf->Output('', 'S');
    }

    private static function begun(string $title, OrderView $order, string $line): TextPdf
    {
        $pdf = new TextPdf($title);
        $pdf->words('', 16.0);
        $pdf->title($title);
        foreach ([$order->label, $order->customer, $order->contact, $line] as $words) {
            if ('' !== $words) {
                $pdf->words($words);
            }
        }

        return $pdf;
    }

    private static function sums(TextPdf $pdf, OrderView $order, int $agreed): void
    {
        $currency = Currency::of($order->currency);
        $money = static fn(int $minor): string => Money::minor($minor, $currency)->text();
        $pdf->row(['Agreed, ' . $currency->code, $money($agreed)], self::SUMS, true);
        if (0 !== $order->paid) {
            $pdf->row(['Paid', $money($order->paid)], self::SUMS);
            $pdf->row(['Still to pay', $money(max(0, $agreed - $order->paid))], self::SUMS, true);
        }
    }
}
