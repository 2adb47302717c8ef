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
     * @param list<QuoteLineView> $lines
     * @param list<string> $unknown
     */
    private function __construct(
        #[OA\Property(type: 'integer', nullable: true, description: 'Null until it is kept')] public ?int $number,
        public string $for,
        #[OA\Property(format: 'date')] public string $created,
        #[OA\Property(format: 'date')] public string $valid,
        public string $currency,
        public int $digits,
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
            array_map(
                static fn(array $line, string $job): QuoteLineView => new QuoteLineView(
                    ...[
                        'breaks' => array_map(
                            static fn(array $one): QuoteBreak => new QuoteBreak(...$one),
                            $line['breaks'],
                        ),
                        'job' => $job,
                    ] + $line,
                ),
                $quote->lines,
                $wish->jobs,
            ),
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
