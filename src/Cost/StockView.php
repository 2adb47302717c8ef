<?php

declare(strict_types=1);

namespace Wubbin\Cost;

use OpenApi\Attributes as OA;
use Wubbin\Core\Cost\Item;
use Wubbin\Core\Cost\Ledger;
use Wubbin\Core\Cost\Movement;
use Wubbin\Core\Cost\Needs;
use Wubbin\Core\Cost\Shortage;
use Wubbin\Core\Cost\Stuff;
use Wubbin\Core\Job\Offcut;
use Wubbin\Core\Job\Shelf;
use Wubbin\Core\Measure\Currency;
use Wubbin\Stock\StockNames;
use Wubbin\Stock\StoredItem;

/** What there is, what is needed of it, and what to buy. Money in minor units. */
#[OA\Schema]
final readonly class StockView
{
    /**
     * @param list<StockItemView> $items
     * @param list<UncountedItem> $others
     * @param list<ItemToBuy> $buy
     * @param list<OffcutView> $offcuts
     */
    private function __construct(
        #[OA\Property(description: 'ISO 4217 code')] public string $currency,
        #[OA\Property(description: 'Of its minor unit')] public int $digits,
        public array $items,
        #[OA\Property(description: 'What could be stocked as well, what is needed first')] public array $others,
        public array $buy,
        #[OA\Property(description: 'Of all that is to be bought and has a price')] public int $total,
        public array $offcuts,
    ) {}

    /**
     * @param array<string, StoredItem> $items
     * @param array<string, Ledger> $ledgers
     * @param list<Shortage> $short
     */
    public static function fromItems(
        array $items,
        array $ledgers,
        Needs $needs,
        array $short,
        StockNames $names,
        Shelf $shelf,
        Currency $currency,
    ): self {
        $needed = static fn(string $key): float => round($needs->amounts[$key] ?? 0.0, 2);

        return new self(
            $currency->code,
            $currency->digits,
            self::counted($items, $ledgers, $needed, $short),
            self::uncounted([...array_values($needs->items), ...$names->all()], $items, $needed),
            array_map(self::bought(...), $short),
            array_sum(array_map(static fn(Shortage $one): int => $one->cost ?? 0, $short)),
            array_map(
                static fn(Offcut $offcut): OffcutView => new OffcutView(
                    label: $shelf->media[$offcut->mediumId]->label ?? $offcut->mediumId,
                    width_mm: $offcut->size->widthMm,
                    height_mm: $offcut->size->heightMm,
                ),
                $shelf->paper->offcuts,
            ),
        );
    }

    /**
     * @param array<string, StoredItem> $items
     * @param array<string, Ledger> $ledgers
     * @param \Closure(string): float $needed of a key
     * @param list<Shortage> $short
     *
     * @return list<StockItemView>
     */
    private static function counted(array $items, array $ledgers, \Closure $needed, array $short): array
    {
        $isShort = array_flip(array_map(static fn(Shortage $one): string => $one->item->key(), $short));
        $stocked = array_map(static function (StoredItem $stored) use ($ledgers, $needed, $isShort): StockItemView {
            $item = $stored->item();
            $ledger = $ledgers[$stored->key] ?? Ledger::of([]);

            return new StockItemView(
                key: $stored->key,
                stuff: $item->stuff->value,
                kind: $item->stuff->label(),
                label: $item->label,
                unit: $item->unit,
                level: $ledger->level() / Movement::THOUSANDTHS,
                value: $ledger->value(),
                each: $ledger->costOf(1.0),
                missing: $ledger->missing / Movement::THOUSANDTHS,
                pack: $stored->pack,
                counted: $stored->counted,
                needed: $needed($stored->key),
                short: isset($isShort[$stored->key]),
            );
        }, array_values($items));
        $order = array_flip(array_column(Stuff::cases(), 'value'));
        usort(
            $stocked,
            static fn(StockItemView $one, StockItemView $other): int => [$order[$one->stuff], $one->label] <=> [
                $order[$other->stuff],
                $other->label,
            ],
        );

        return $stocked;
    }

    /**
     * @param list<Item> $all
     * @param array<string, StoredItem> $items that are counted
     * @param \Closure(string): float $needed of a key
     *
     * @return list<UncountedItem>
     */
    private static function uncounted(array $all, array $items, \Closure $needed): array
    {
        $others = [];
        foreach ($all as $item) {
            if (!isset($items[$item->key()])) {
                $others[$item->key()] ??= new UncountedItem(
                    key: $item->key(),
                    kind: $item->stuff->label(),
                    label: $item->label,
                    unit: $item->unit,
                    needed: $needed($item->key()),
                );
            }
        }

        return array_values($others);
    }

    private static function bought(Shortage $short): ItemToBuy
    {
        $item = $short->item;

        return new ItemToBuy(
            key: $item->key(),
            kind: $item->stuff->label(),
            label: $item->label,
            unit: $item->unit,
            needed: round($short->needed, 2),
            there: $short->there,
            buy: $short->buy,
            cost: $short->cost,
        );
    }
}
