<?php

declare(strict_types=1);

namespace Wubbin\Cost;

use OpenApi\Attributes as OA;
use Wubbin\Core\Cost\Quote;
use Wubbin\Core\Measure\Currency;

/** A quote. Money in minor units. */
#[OA\Schema]
final readonly class QuoteView
{
    /**
     * @param list<array{label: string, quantity: int, each: int, amount: int, margin: float,
     *     breaks: list<array{quantity: int, each: int, amount: int, margin: float}>}> $lines
     * @param list<string> $unknown
     */
    private function __construct(
        #[OA\Property(type: 'integer', nullable: true, description: 'Null until it is kept')] public ?int $number,
        public string $for,
        #[OA\Property(format: 'date')] public string $created,
        #[OA\Property(format: 'date')] public string $valid,
        public string $currency,
        public int $digits,
        #[
            OA\Property(
                type: 'array',
                items: new OA\Items(
                    required: ['label', 'quantity', 'each', 'amount', 'margin', 'breaks'],
                    properties: [
                        new OA\Property(property: 'label', type: 'string'),
                        new OA\Property(property: 'quantity', type: 'integer'),
                        new OA\Property(property: 'each', type: 'integer'),
                        new OA\Property(property: 'amount', type: 'integer'),
                        new OA\Property(
                            property: 'margin',
                            type: 'number',
                            description: 'Of the price; below zero where it does not pay',
                        ),
                        new OA\Property(
                            property: 'breaks',
                            type: 'array',
                            items: new OA\Items(
                                required: ['quantity', 'each', 'amount', 'margin'],
                                properties: [
                                    new OA\Property(property: 'quantity', type: 'integer'),
                                    new OA\Property(property: 'each', type: 'integer'),
                                    new OA\Property(property: 'amount', type: 'integer'),
                                    new OA\Property(property: 'margin', type: 'number'),
                                ],
                                type: 'object',
                            ),
                        ),
                    ],
                    type: 'object',
                ),
            ),
        ]
        public array $lines,
        public int $set_up,
        public float $tax_rate,
        public int $net,
        public int $tax,
        public int $gross,
        #[
            OA\Property(
                type: 'array',
                description: 'What has no price yet and is not in it',
                items: new OA\Items(type: 'string'),
            ),
        ]
        public array $unknown,
    ) {}

    /** @param list<string> $unknown */
    public static function fromQuote(
        Quote $quote,
        QuoteWish $wish,
        string $today,
        Currency $currency,
        array $unknown,
    ): self {
        return new self(
            null,
            $wish->for,
            $today,
            $wish->valid,
            $currency->code,
            $currency->digits,
            $quote->lines,
            $quote->setUp,
            $quote->taxRate,
            $quote->net,
            $quote->tax,
            $quote->gross,
            $unknown,
        );
    }

    public function numbered(int $number): self
    {
        return new self(
            $number,
            $this->for,
            $this->created,
            $this->valid,
            $this->currency,
            $this->digits,
            $this->lines,
            $this->set_up,
            $this->tax_rate,
            $this->net,
            $this->tax,
            $this->gross,
            $this->unknown,
        );
    }
}
