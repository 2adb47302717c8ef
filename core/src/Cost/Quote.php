<?php

declare(strict_types=1);

namespace Wubbin\Core\Cost;

/**
 * What somebody is offered: pieces at a price each, set-up once, and tax on both. All in minor units; the parts add up
 * to the whole.
 */
final readonly class Quote
{
    /**
     * @param list<array{label: string, quantity: int, each: int, amount: int, margin: float,
     *     breaks: list<array{quantity: int, each: int, amount: int, margin: float}>}> $lines
     */
    private function __construct(
        public array $lines,
        public int $setUp,
        public float $taxRate,
        public int $net,
        public int $tax,
        public int $gross,
    ) {}

    /**
     * @param list<array{string, CostSheet, list<CostSheet>}> $items what it is, at the quantity that is wanted, and
     *                                                               at others
     * @param int $setUp charged once for all
     * @param float $taxRate 0 to 1
     */
    public static function fromItems(array $items, Price $price, int $setUp, float $taxRate): self
    {
        $lines = [];
        foreach ($items as [$label, $sheet, $others]) {
            $lines[] = ['label' => $label] +
                self::at($sheet, $price) + [
                    'breaks' => array_map(static fn(CostSheet $other): array => self::at($other, $price), $others),
                ];
        }
        $net = array_sum(array_column($lines, 'amount')) + $setUp;
        // Half a minor unit is rounded away from zero, on the whole and not line by line (common practice, no source).
        $tax = (int) round($net * $taxRate);

        return new self($lines, $setUp, $taxRate, $net, $tax, $net + $tax);
    }

    /** @return array{quantity: int, each: int, amount: int, margin: float} */
    private static function at(CostSheet $sheet, Price $price): array
    {
        $each = $price->of($sheet);

        return [
            'quantity' => $sheet->pieces,
            'each' => $each,
            'amount' => $each * $sheet->pieces,
            'margin' => $price->marginOf($sheet),
        ];
    }
}
