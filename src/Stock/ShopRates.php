<?php

declare(strict_types=1);

namespace Wubbin\Stock;

use OpenApi\Attributes as OA;
use Wubbin\Core\Cost\Price;
use Wubbin\Core\Cost\Rates;
use Wubbin\Core\Measure\Currency;
use Wubbin\Core\Measure\Money;
use Wubbin\Core\Measure\PlainNumber;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Measure\UnreadableQuantity;
use Wubbin\Refusal\InvalidInput;
use Wubbin\Refusal\Refusal;

/** What this shop reckons with, as it was typed: empty where nobody has said. */
#[OA\Schema]
final readonly class ShopRates
{
    private const MOST_OVERHEAD = 1000.0;
    private const MOST_TAX = 100.0;
    private const MOST_SPARES = 100;

    private function __construct(
        #[OA\Property(description: 'Of hands, money')] public string $hour = '',
        #[OA\Property(description: 'Of electricity, money')] public string $kwh = '',
        #[OA\Property(description: 'Per cent on top of all of it')] public string $overhead = '0',
        #[OA\Property(description: 'Sheets printed beyond what is needed, for each batch')] public string $spares = '0',
        #[OA\Property(description: 'Per cent of the price that is to be left')] public string $margin = '40',
        #[OA\Property(description: 'Charged once for a quote, money')] public string $set_up = '0',
        #[OA\Property(description: 'Per cent')] public string $tax = '0',
    ) {}

    public static function unsaid(): self
    {
        return new self();
    }

    public static function fromRecord(Record $record): self
    {
        return new self(
            ...array_map(static fn(string $field): string => trim($record->string($field)), [
                'hour' => 'hour',
                'kwh' => 'kwh',
                'overhead' => 'overhead',
                'spares' => 'spares',
                'margin' => 'margin',
                'set_up' => 'set_up',
                'tax' => 'tax',
            ]),
        );
    }

    /** @throws Refusal naming the fields that are wrong */
    public function check(Currency $currency): void
    {
        $errors = [];
        foreach (['hour' => $this->hour, 'kwh' => $this->kwh, 'set_up' => $this->set_up] as $field => $typed) {
            try {
                if ('' !== $typed && Money::read($typed, $currency)->minor < 0) {
                    $errors[$field] = 'This is 0 or more.';
                }
            } catch (UnreadableQuantity $e) {
                $errors[$field] = $e->getMessage();
            }
        }
        foreach (
            ['overhead' => self::MOST_OVERHEAD, 'margin' => 100.0 * Price::MOST_MARGIN, 'tax' => self::MOST_TAX]
            as $field => $most
        ) {
            if (null === PlainNumber::read($this->{$field}, $most)) {
                $errors[$field] = sprintf('This is a percentage from 0 to %s.', $most);
            }
        }
        if (null === PlainNumber::whole($this->spares, self::MOST_SPARES)) {
            $errors['spares'] = sprintf('From 0 to %d sheets.', self::MOST_SPARES);
        }
        if ([] !== $errors) {
            throw InvalidInput::fields($errors);
        }
    }

    /** @return array<string, string> */
    public function toRecord(): array
    {
        return [
            'hour' => $this->hour,
            'kwh' => $this->kwh,
            'overhead' => $this->overhead,
            'spares' => $this->spares,
            'margin' => $this->margin,
            'set_up' => $this->set_up,
            'tax' => $this->tax,
        ];
    }

    public function rates(Currency $currency): Rates
    {
        return new Rates(
            '' === $this->hour ? null : Money::read($this->hour, $currency)->minor,
            '' === $this->kwh ? null : Money::read($this->kwh, $currency)->minor,
            (PlainNumber::read($this->overhead, self::MOST_OVERHEAD) ?? 0.0) / 100.0,
            PlainNumber::whole($this->spares, self::MOST_SPARES) ?? 0,
        );
    }
}
