<?php

declare(strict_types=1);

namespace Wubbin\Core\Cost;

/** Something of which more is needed than there is. */
final readonly class Shortage
{
    /** @param int|null $cost of what is to be bought, in minor units; null where nobody knows a price */
    private function __construct(
        public Item $item,
        public float $needed,
        public float $there,
        public float $buy,
        public ?int $cost,
    ) {}

    /**
     * What is short for all that is planned. What nobody counts is not short.
     *
     * @param array<string, Ledger> $stock of what is counted, by the key of an item
     * @param array<string, float> $packs how many are bought at once, by key
     *
     * @return list<self>
     */
    public static function fromNeeds(Needs $needs, array $stock, array $packs): array
    {
        $short = [];
        foreach ($needs->items as $key => $item) {
            if (!isset($stock[$key])) {
                continue;
            }
            $there = $stock[$key]->level() / Movement::THOUSANDTHS;
            $needed = $needs->amounts[$key];
            if ($needed > $there + 0.5 / Movement::THOUSANDTHS) {
                $pack = $packs[$key] ?? 1.0;
                $buy = $pack * ceil(($needed - $there) / $pack - 1e-9);
                $last = $stock[$key]->last;
                $short[] = new self(
                    $item,
                    $needed,
                    $there,
                    $buy,
                    null === $last ? null : (int) round($buy * Movement::THOUSANDTHS * $last),
                );
            }
        }

        return $short;
    }
}
