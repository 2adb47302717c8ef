<?php

declare(strict_types=1);

namespace Wubbin\Stock;

use Doctrine\ORM\Mapping as ORM;
use Wubbin\Core\Cost\Movement;
use Wubbin\Core\Cost\MovementKind;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Record;

/** Something that came into stock, went out, or was counted. */
#[ORM\Entity]
#[ORM\Table(name: 'stock_move')]
#[ORM\UniqueConstraint(name: 'stock_move_once', columns: ['source', 'item'])]
#[ORM\Index(name: 'stock_move_item', columns: ['item', 'number'])]
class StoredMove
{
    #[ORM\Id, ORM\Column, ORM\GeneratedValue]
    public ?int $number = null;

    /**
     * @param string $source of which there is one movement of an item only: a bench session, a line of a table, a click
     * @param int $price of all of it, in minor units
     */
    public function __construct(
        #[
            ORM\ManyToOne,
            ORM\JoinColumn(name: 'item', referencedColumnName: 'key', nullable: false),
        ]
        public readonly StoredItem $item,
        #[ORM\Column(length: 24)] public readonly string $at,
        #[ORM\Column(length: 8, enumType: MovementKind::class)] public readonly MovementKind $kind,
        #[ORM\Column] public float $amount,
        #[ORM\Column] public readonly int $price,
        #[ORM\Column(length: 200)] public readonly string $note,
        #[ORM\Column(length: 80)] public readonly string $source,
    ) {}

    /** @throws BadRecord */
    public static function fromRecord(StoredItem $item, string $source, Record $record): self
    {
        return new self(
            $item,
            $record->string('at'),
            $record->enum('kind', MovementKind::class),
            $record->number('amount'),
            $record->integer('price'),
            $record->string('note'),
            $source,
        );
    }

    /** @return array<string, mixed> */
    public function written(): array
    {
        return [
            'at' => $this->at,
            'kind' => $this->kind->value,
            'amount' => $this->amount,
            'price' => $this->price,
            'note' => $this->note,
        ];
    }

    public function movement(): Movement
    {
        return self::movementOf($this->kind, $this->amount, $this->price);
    }

    public static function movementOf(MovementKind $kind, float $amount, int $price): Movement
    {
        return match ($kind) {
            MovementKind::Bought => Movement::bought($amount, $price),
            MovementKind::Used => Movement::used($amount),
            MovementKind::Counted => Movement::counted($amount),
        };
    }
}
