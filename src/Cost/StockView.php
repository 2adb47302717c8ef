<?php

declare(strict_types=1);

namespace Wubbin\Cost;

use OpenApi\Attributes as OA;
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
     * @param list<array<string, mixed>> $items
     * @param list<array<string, mixed>> $others
     * @param list<array<string, mixed>> $buy
     * @param list<array<string, mixed>> $offcuts
     */
    private function __construct(
        #[OA\Property(description: 'ISO 4217 code')] public string $currency,
        #[OA\Property(description: 'Of its minor unit')] public int $digits,
        #[
            OA\Property(
                type: 'array',
                items: new OA\Items(
                    required: [
                        'key',
                        'stuff',
                        'kind',
                        'label',
                        'unit',
                        'level',
                        'value',
                        'each',
                        'missing',
                        'pack',
                        'counted',
                        'needed',
                        'short',
                    ],
                    properties: [
                        new OA\Property(property: 'key', type: 'string'),
                        new OA\Property(property: 'stuff', type: 'string'),
                        new OA\Property(property: 'kind', type: 'string', description: 'What it is, in words'),
                        new OA\Property(property: 'label', type: 'string'),
                        new OA\Property(property: 'unit', type: 'string'),
                        new OA\Property(property: 'level', type: 'number'),
                        new OA\Property(property: 'value', type: 'integer', description: 'What it cost'),
                        new OA\Property(
                            property: 'each',
                            type: 'number',
                            nullable: true,
                            description: 'What the next one costs',
                        ),
                        new OA\Property(
                            property: 'missing',
                            type: 'number',
                            description: 'Used though it was not there: count again',
                        ),
                        new OA\Property(property: 'pack', type: 'number'),
                        new OA\Property(property: 'counted', type: 'boolean'),
                        new OA\Property(property: 'needed', type: 'number', description: 'For all that is due'),
                        new OA\Property(
                            property: 'short',
                            type: 'boolean',
                            description: 'More is needed than there is',
                        ),
                    ],
                    type: 'object',
                ),
            ),
        ]
        public array $items,
        #[
            OA\Property(
                type: 'array',
                description: 'What could be stocked as well, what is needed first',
                items: new OA\Items(
                    required: ['key', 'kind', 'label', 'unit', 'needed'],
                    properties: [
                        new OA\Property(property: 'key', type: 'string'),
                        new OA\Property(property: 'kind', type: 'string'),
                        new OA\Property(property: 'label', type: 'string'),
                        new OA\Property(property: 'unit', type: 'string'),
                        new OA\Property(property: 'needed', type: 'number'),
                    ],
                    type: 'object',
                ),
            ),
        ]
        public array $others,
        #[
            OA\Property(
                type: 'array',
                items: new OA\Items(
                    required: ['key', 'kind', 'label', 'unit', 'needed', 'there', 'buy', 'cost'],
                    properties: [
                        new OA\Property(property: 'key', type: 'string'),
                        new OA\Property(property: 'kind', type: 'string'),
                        new OA\Property(property: 'label', type: 'string'),
                        new OA\Property(property: 'unit', type: 'string'),
                        new OA\Property(property: 'needed', type: 'number'),
                        new OA\Property(property: 'there', type: 'number'),
                        new OA\Property(property: 'buy', type: 'number'),
                        new OA\Property(property: 'cost', type: 'integer', nullable: true),
                    ],
                    type: 'object',
                ),
            ),
        ]
        public array $buy,
        #[OA\Property(description: 'Of all that is to be bought and has a price')] public int $total,
        #[
            OA\Property(
                type: 'array',
                items: new OA\Items(
                    required: ['label', 'width_mm', 'height_mm'],
                    properties: [
                        new OA\Property(property: 'label', type: 'string'),
                        new OA\Property(property: 'width_mm', type: 'number'),
                        new OA\Property(property: 'height_mm', type: 'number'),
                    ],
                    type: 'object',
                ),
            ),
        ]
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
        $isShort = array_flip(array_map(static fn(Shortage $one): string => $one->item->key(), $short));
        $stocked = array_map(static function (StoredItem $stored) use ($ledgers, $needed, $isShort): array {
            $item = $stored->item();
            $ledger = $ledgers[$stored->key] ?? Ledger::of([]);

            return [
                'key' => $stored->key,
                'stuff' => $item->stuff->value,
                'kind' => $item->stuff->label(),
                'label' => $item->label,
                'unit' => $item->unit,
                'level' => $ledger->level() / Movement::THOUSANDTHS,
                'value' => $ledger->value(),
                'each' => $ledger->costOf(1.0),
                'missing' => $ledger->missing / Movement::THOUSANDTHS,
                'pack' => $stored->pack,
                'counted' => $stored->counted,
                'needed' => $needed($stored->key),
                'short' => isset($isShort[$stored->key]),
            ];
        }, array_values($items));
        $order = array_flip(array_column(Stuff::cases(), 'value'));
        usort(
            $stocked,
            static fn(array $one, array $other): int => [$order[$one['stuff']], $one['label']] <=> [
                $order[$other['stuff']],
                $other['label'],
            ],
        );
        $others = [];
        foreach ([...array_values($needs->items), ...$names->all()] as $item) {
            if (!isset($items[$item->key()])) {
                $others[$item->key()] ??= [
                    'key' => $item->key(),
                    'kind' => $item->stuff->label(),
                    'label' => $item->label,
                    'unit' => $item->unit,
                    'needed' => $needed($item->key()),
                ];
            }
        }

        return new self(
            $currency->code,
            $currency->digits,
            $stocked,
            array_values($others),
            array_map(self::bought(...), $short),
            array_sum(array_map(static fn(Shortage $one): int => $one->cost ?? 0, $short)),
            array_map(
                static fn(Offcut $offcut): array => [
                    'label' => $shelf->media[$offcut->mediumId]->label ?? $offcut->mediumId,
                    'width_mm' => $offcut->size->widthMm,
                    'height_mm' => $offcut->size->heightMm,
                ],
                $shelf->paper->offcuts,
            ),
        );
    }

    /** @return array<string, mixed> */
    private static function bought(Shortage $short): array
    {
        $item = $short->item;

        return [
            'key' => $item->key(),
            'kind' => $item->stuff->label(),
            'label' => $item->label,
            'unit' => $item->unit,
            'needed' => round($short->needed, 2),
            'there' => $short->there,
            'buy' => $short->buy,
            'cost' => $short->cost,
        ];
    }
}
