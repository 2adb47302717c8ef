<?php

declare(strict_types=1);

namespace Wubbin\Cost;

use Wubbin\Core\Measure\Currency;
use Wubbin\Core\Measure\Money;
use Wubbin\Core\Measure\PaperSize;
use Wubbin\Core\Measure\Record;
use Wubbin\Pdf\Paper;

/** A quote on paper. */
final readonly class QuotePaper
{
    public function __construct(private Record $quote, private Currency $currency, private PaperSize $size) {}

    public function paper(): Paper
    {
        $quote = $this->quote;
        $title = sprintf('Quote %d', $quote->integer('number'));
        $paper = (new Paper($title, $this->size))
            ->add('<h1>' . $title . '</h1>')
            ->words($quote->string('for'), 'lead')
            ->words(sprintf('From %s, valid until %s', $quote->string('created'), $quote->string('valid')));
        $rows = [];
        foreach ($quote->records('lines') as $line) {
            $rows[] = [$line->string('label'), ...$this->figures($line)];
        }
        if ($quote->integer('set_up') > 0) {
            $rows[] = ['Set-up, once', '', '', $this->money($quote->integer('set_up'))];
        }
        $rows[] = ['*Net', '', '', $this->money($quote->integer('net'))];
        $rows[] = [
            sprintf('Tax, %s %%', round(100.0 * $quote->number('tax_rate'), 3)),
            '',
            '',
            $this->money($quote->integer('tax')),
        ];
        $rows[] = [sprintf('*To pay, %s', $this->currency->code), '', '', $this->money($quote->integer('gross'))];
        $paper->table(['What', 'Pieces', 'Each', 'Amount'], $rows);
        foreach ($quote->records('lines') as $line) {
            $breaks = $line->records('breaks');
            if ([] !== $breaks) {
                $paper
                    ->heading($line->string('label') . ', other quantities')
                    ->table(['Pieces', 'Each', 'Amount'], array_map($this->figures(...), $breaks), 0);
            }
        }

        return $paper;
    }

    /** @return list<string> pieces, price of each, amount */
    private function figures(Record $line): array
    {
        return [
            (string) $line->integer('quantity'),
            $this->money($line->integer('each')),
            $this->money($line->integer('amount')),
        ];
    }

    private function money(int $minor): string
    {
        return Money::minor($minor, $this->currency)->text();
    }
}
