<?php

declare(strict_types=1);

namespace Wubbin\Stock;

use Wubbin\Core\Measure\Currency;
use Wubbin\Refusal\Refusal;
use Wubbin\Storage\Documents;
use Wubbin\Storage\WriteTurn;

final readonly class RatesStore
{
    private const NAME = 'rates';

    public function __construct(private Documents $documents, private WriteTurn $turn) {}

    public function get(): ShopRates
    {
        $stored = $this->documents->get(self::NAME);

        return null === $stored ? ShopRates::unsaid() : ShopRates::fromRecord($stored);
    }

    /**
     * @param \Closure(ShopRates): void $hold looks at what there is now, and throws where that is not what was read
     *
     * @throws Refusal naming the fields that are wrong
     */
    public function put(ShopRates $rates, Currency $currency, \Closure $hold): void
    {
        $rates->check($currency);
        $this->turn->take(function () use ($rates, $hold): void {
            $this->documents->fresh(self::NAME);
            $hold($this->get());
            $this->documents->put(self::NAME, $rates->toRecord());
        });
    }
}
