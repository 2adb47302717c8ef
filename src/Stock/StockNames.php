<?php

declare(strict_types=1);

namespace Wubbin\Stock;

use Wubbin\Core\Cost\Item;
use Wubbin\Core\Cost\Stuff;
use Wubbin\Core\Job\Shelf;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Colour;
use Wubbin\Core\Route\Catalogue;

/** What can be stocked, by its name on the shelf. */
final class StockNames
{
    /** Tapes that routes fix sheets with. */
    private const TAPES = ['heat', 'plain'];

    /** @var array<string, Item>|null by key; made when the first one is asked for */
    private ?array $byKey = null;

    public function __construct(private readonly Shelf $shelf, private readonly Catalogue $catalogue) {}

    /** @return list<Item> what the shelf has that is used up */
    public function all(): array
    {
        $items = array_map(
            static fn($medium): Item => new Item(Stuff::Sheet, $medium->id, $medium->label, Stuff::Sheet->unit()),
            $this->shelf->media,
        );
        $covers = array_map(
            static fn($cover): Item => new Item(Stuff::Cover, $cover->id, $cover->label, Stuff::Cover->unit()),
            $this->shelf->covers,
        );
        $inks = [];
        foreach ($this->shelf->markings as $marking) {
            $ink = $this->catalogue->consumption->ink($marking->ink);
            if (null !== $ink) {
                $inks[] = new Item(Stuff::Ink, $marking->id, $marking->label, $ink[1]);
            }
        }

        return [
            ...array_values($items),
            ...$inks,
            ...array_map(
                static fn(string $tape): Item => new Item(Stuff::Tape, $tape, $tape . ' tape', Stuff::Tape->unit()),
                self::TAPES,
            ),
            ...array_values($covers),
        ];
    }

    /**
     * The thing that a key stands for.
     *
     * @throws BadRecord where there is none
     */
    public function of(string $key): Item
    {
        [$stuff, $id] = Item::read($key);
        if (Stuff::Blank === $stuff) {
            return $this->blank($id);
        }
        $this->byKey ??= array_column(
            array_map(static fn(Item $item): array => [$item->key(), $item], $this->all()),
            1,
            0,
        );

        return $this->byKey[$key] ??
            throw BadRecord::at('item', sprintf('“%s” is not on the shelf.', mb_substr($key, 0, 60)));
    }

    private function blank(string $id): Item
    {
        [$kind, $size, $colour] = explode(' ', $id) + [1 => '', 2 => ''];
        $of = $this->catalogue->blanks[$kind] ?? null;
        if (null === $of || !isset($of->sizes[$size]) || 1 !== preg_match('/^#[0-9a-f]{6}$/', $colour)) {
            throw BadRecord::at(
                'item',
                sprintf('“%s” is no blank. Write it as blank shirt M #ffffff.', mb_substr($id, 0, 60)),
            );
        }

        return Item::blank($kind, $size, Colour::hex($colour), $this->catalogue);
    }
}
