<?php

declare(strict_types=1);

namespace Wubbin\Stock;

use Wubbin\Core\Measure\Currency;
use Wubbin\Refusal\Refusal;
use Wubbin\Storage\Documents;

final readonly class RatesStore
{
    private const NAME = 'rates';

    public function __construct(private Documents $documents) {}

    public function get(): ShopRates
    {
        $stored = $this->documents->get(self::NAME);

        return null === $stored ? ShopRates::unsaid() : ShopRates::fromRecord($stored);
    }

    /** @throws Refusal naming the fields that are wrong */
    public function put(ShopRates $rates, Currency $currency): void
    {
        $rates->check($currency);
        $this->documents->put(self::NAME, $rates->toRecord());
    }
}
