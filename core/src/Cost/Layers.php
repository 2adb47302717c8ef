<?php

declare(strict_types=1);

namespace Wubbin\Core\Cost;

/**
 * What is left of each purchase while movements are gone through. Changed in place: a ledger of twenty thousand
 * movements takes as many steps.
 */
final class Layers
{
    public ?float $last = null;
    public int $missing = 0;
    public int $spent = 0;

    /** @var list<array{int, int|null}> amount and what it cost, null where nobody knows */
    private array $layers = [];

    /** All before this one are used up. */
    private int $first = 0;

    private int $level = 0;

    public function take(Movement $movement): void
    {
        match ($movement->kind) {
            MovementKind::Bought => $this->buy($movement->amount, $movement->price),
            MovementKind::Used => ($this->missing += $this->use($movement->amount)),
            MovementKind::Counted => $this->correct($movement->amount),
        };
    }

    /** @return list<array{int, int|null}> the oldest first */
    public function left(): array
    {
        return array_slice($this->layers, $this->first);
    }

    /** What so much costs at the last price; null where there is none. */
    public function atLastPrice(int $amount): ?int
    {
        return null === $this->last ? null : (int) round($amount * $this->last);
    }

    private function buy(int $amount, int $price): void
    {
        $this->add($amount, $price);
        $this->last = $amount > 0 ? $price / $amount : $this->last;
    }

    private function add(int $amount, ?int $price): void
    {
        $this->layers[] = [$amount, $price];
        $this->level += $amount;
    }

    /** @return int what was not there */
    private function use(int $amount): int
    {
        while ($amount > 0 && isset($this->layers[$this->first])) {
            [$there, $price] = $this->layers[$this->first];
            $taken = min($amount, $there);
            // The last of a layer takes what is left of its price, so that nothing is lost to rounding.
            $cost = null === $price ? null : ($taken === $there ? $price : (int) round(($price * $taken) / $there));
            $this->spent += $cost ?? ($this->atLastPrice($taken) ?? 0);
            $this->level -= $taken;
            $amount -= $taken;
            if ($taken === $there) {
                ++$this->first;
            } else {
                $this->layers[$this->first] = [$there - $taken, null === $price ? null : $price - $cost];
            }
        }

        return $amount;
    }

    /** A count says what there is: what was missing is found with it, and what is gone cost nothing that was used. */
    private function correct(int $amount): void
    {
        $more = $amount - $this->level;
        if ($more > 0) {
            $this->add($more, $this->atLastPrice($more));
        } else {
            $spent = $this->spent;
            $this->use(-$more);
            $this->spent = $spent;
        }
        $this->missing = 0;
    }
}
