<?php

declare(strict_types=1);

namespace Wubbin\Cost;

use Wubbin\Core\Measure\Currency;
use Wubbin\Core\Measure\Money;
use Wubbin\Core\Measure\Record;
use Wubbin\Pdf\TextPdf;

/** A quote on paper. */
final readonly class QuotePdf
{
    private const WIDTHS = [92.0, 22.0, 28.0, 28.0];

    public function __construct(private Record $quote, private Currency $currency) {}

    public function draw(): string
    {
        $quote = $this->quote;
        $pdf = new TextPdf(sprintf('Quote %d', $quote->integer('number')));
        $pdf->words('', 16.0);
        $pdf->title(sprintf('Quote %d', $quote->integer('number')));
        foreach (
            array_filter(
                [
                    $quote->string('for'),
                    sprintf('From %s, valid until %s', $quote->string('created'), $quote->string('valid')),
                ],
                static fn(string $line): bool => '' !== $line,
            )
            as $line
        ) {
            $pdf->words($line);
        }
        $pdf->words('', 6.0);
        $pdf->row(['What', 'Pieces', 'Each', 'Amount'], self::WIDTHS, true);
        foreach ($quote->records('lines') as $line) {
            $pdf->row(
                [
                    $line->string('label'),
                    (string) $line->integer('quantity'),
                    $this->money($line->integer('each')),
                    $this->money($line->integer('amount')),
                ],
                self::WIDTHS,
            );
        }
        if ($quote->integer('set_up') > 0) {
            $pdf->row(['Set-up, once', '', '', $this->money($quote->integer('set_up'))], self::WIDTHS);
        }
        $pdf->row(['Net', '', '', $this->money($quote->integer('net'))], self::WIDTHS, true);
        $pdf->row(
            [
                sprintf('Tax, %s %%', round(100.0 * $quote->number('tax_rate'), 3)),
                '',
                '',
                $this->money($quote->integer('tax')),
            ],
            self::WIDTHS,
        );
        $pdf->row(
            [sprintf('To pay, %s', $this->currency->code), '', '', $this->money($quote->integer('gross'))],
            self::WIDTHS,
            true,
        );
        $this->breaks($pdf);

        return $pdf->Output('', 'S');
    }

    private function breaks(TextPdf $pdf): void
    {
        foreach ($this->quote->records('lines') as $line) {
            $breaks = $line->records('breaks');
            if ([] === $breaks) {
                continue;
            }
            $pdf->words('', 6.0);
            $pdf->row([$line->string('label') . ', other quantities', 'Pieces', 'Each', 'Amount'], self::WIDTHS, true);
            foreach ($breaks as $break) {
                $pdf->row(
                    [
                        '',
                        (string) $break->integer('quantity'),
                        $this->money($break->integer('each')),
                        $this->money($break->integer('amount')),
                    ],
                    self::WIDTHS,
                );
            }
        }
    }

    private function money(int $minor): string
    {
        return Money::minor($minor, $this->currency)->text();
    }
}
