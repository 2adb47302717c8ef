<?php

declare(strict_types=1);

namespace Wubbin\Stock;

use Doctrine\ORM\Mapping as ORM;
use Wubbin\Core\Cost\Item;

/** Something that this shop stocks. */
#[ORM\Entity]
#[ORM\Table(name: 'stock_item')]
class StoredItem
{
    /** How many are bought at once, in the item's unit. */
    #[ORM\Column]
    public float $pack = 1.0;

    /** What is there by all that came and went, in thousandths of the unit. */
    #[ORM\Column]
    public int $level = 0;

    /** Somebody counts it: it can run short. */
    #[ORM\Column]
    public bool $counted = true;

    #[ORM\Id, ORM\Column(length: 160)]
    public readonly string $key;

    #[ORM\Column(length: 160)]
    public string $label;

    #[ORM\Column(length: 12)]
    public readonly string $unit;

    public function __construct(Item $item)
    {
        $this->key = $item->key();
        $this->label = $item->label;
        $this->unit = $item->unit;
    }

    public function item(): Item
    {
        [$stuff, $id] = Item::read($this->key);

        return new Item($stuff, $id, $this->label, $this->unit);
    }
}
