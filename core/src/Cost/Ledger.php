<?php

declare(strict_types=1);

namespace Wubbin\Core\Cost;

/**
 * What there is of one item and what it cost: what was bought first is used first (FIFO). Amounts are in thousandths of
 * the item's unit, money in minor units; what the layers cost always adds up to what was paid, less what was used.
 *
 * More that was used than was there leaves nothing, and is told; what a count finds beyond what there should be is
 * taken to cost what was bought last.
 */
final readonly class Ledger
{
    /**
     * @param list<array{int, int|null}> $layers amount and what it cost, the oldest first; null where nobody knows
     * @param float|null $last minor units that a thousandth cost when it was last bought
     * @param int $missing that was used and had not been there
     * @param int $spent what all that was used cost
     */
    private function __construct(public array $layers, public ?float $last, public int $missing, public int $spent) {}

    /** @param iterable<Movement> $movements in the order they happened */
    public static function of(iterable $movements): self
    {
        $layers = new Layers();
        foreach ($movements as $movement) {
            $layers->take($movement);
        }

        return new self($layers->left(), $layers->last, $layers->missing, $layers->spent);
    }

    /** How much there is. */
    public function level(): int
    {
        return array_sum(array_column($this->layers, 0));
    }

    /** What it cost. */
    public function value(): int
    {
        return array_sum(array_map(fn(array $layer): int => $this->priced($layer[0], $layer[1]) ?? 0, $this->layers));
    }

    /**
     * What so much of it costs that is used next, in minor units and parts of them: what was bought first, and beyond
     * what there is at the last price.
     *
     * @return float|null null where nobody knows any price
     */
    public function costOf(float $amount): ?float
    {
        $left = $amount * Movement::THOUSANDTHS;
        $cost = 0.0;
        foreach ($this->layers as [$there, $price]) {
            $taken = min($left, $there);
            $known = $this->priced($there, $price);
            if (null === $known) {
                return null;
            }
            $cost += $there > 0 ? ($known * $taken) / $there : 0.0;
            $left -= $taken;
        }

        return $left <= 0.0 ? $cost : (null === $this->last ? null : $cost + $left * $this->last);
    }

    /** What a layer cost: at the last price where nobody knows, and null where there is none. */
    private function priced(int $amount, ?int $price): ?int
    {
        return $price ?? (null === $this->last ? null : (int) round($amount * $this->last));
    }
}
