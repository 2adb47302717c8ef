<?php

declare(strict_types=1);

namespace Wubbin\Stock;

use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Clock\ClockInterface;
use Wubbin\Change\ChangeKind;
use Wubbin\Change\Changes;
use Wubbin\Core\Cost\Item;
use Wubbin\Core\Cost\Ledger;
use Wubbin\Core\Cost\Movement;
use Wubbin\Core\Cost\MovementKind;
use Wubbin\Core\Cost\Stuff;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Record;
use Wubbin\Refusal\InvalidInput;
use Wubbin\Refusal\NotFound;
use Wubbin\Refusal\Refusal;
use Wubbin\Storage\Instant;
use Wubbin\Storage\WriteTurn;

/** Keeps what there is: everything that came, went and was counted, one after the other. */
final readonly class Inventory
{
    public const MOST_PACK = 9999.0;

    /** What a movement is called where an item is written down. */
    private const MOVE = 'move ';

    public function __construct(
        private EntityManagerInterface $entities,
        private WriteTurn $turn,
        private ClockInterface $clock,
        private Changes $changes,
    ) {}

    /** @return array<string, StoredItem> by key, those of a kind together */
    public function items(): array
    {
        $items = [];
        foreach ($this->entities->getRepository(StoredItem::class)->findBy([], ['key' => 'ASC']) as $item) {
            $items[$item->key] = $item;
        }

        return $items;
    }

    /** @return array<string, Ledger> of all that is stocked, by key */
    public function ledgers(): array
    {
        $moves = [];
        foreach ($this->entities->getRepository(StoredMove::class)->findBy([], ['number' => 'ASC']) as $move) {
            $moves[$move->item->key][] = $move->movement();
        }

        return array_map(Ledger::of(...), $moves);
    }

    /** @return array<string, int> whole sheets of what is counted, by medium */
    public function sheets(): array
    {
        /** @var array<string, int> $levels */
        $levels = $this->entities
            ->getConnection()
            ->fetchAllKeyValue(
                "SELECT substr(key, 7), level / 1000 FROM stock_item WHERE counted = 1 AND key LIKE 'sheet %' " .
                    'ORDER BY key',
            );

        return array_map(intval(...), $levels);
    }

    /**
     * Stores a movement; the same one a second time changes nothing.
     *
     * @throws Refusal where more would be used than there is, or the item does not exist
     */
    public function move(StockMove $move, StockNames $names): void
    {
        $this->turn->take(function () use ($move, $names): void {
            $item = $this->itemOf($move->item, $names);
            $this->entities->refresh($item);
            if (
                null !==
                $this->entities->getRepository(StoredMove::class)->findOneBy(['source' => $move->id, 'item' => $item])
            ) {
                return;
            }
            self::refuseMoreThanThereIs($item, $move);
            $stored = new StoredMove(
                $item,
                Instant::write($this->clock->now()),
                $move->kind,
                $move->amount,
                $move->price,
                $move->note,
                $move->id,
            );
            $this->changes->keep(
                ChangeKind::Stock,
                $item->key,
                ['counted' => $item->counted],
                [
                    'counted' => true,
                    self::MOVE . $move->id => $stored->written(),
                ],
            );
            $item->counted = true;
            $this->store($stored);
        });
    }

    /**
     * Stores many movements at once, or none; those that are there already change nothing. What they leave
     * of each item is reckoned beside the database, so that others wait no longer than the writing takes.
     *
     * @param array<int, StockMove> $moves by the line that they stand in
     * @param array<string, float> $packs how many of an item are bought at once, above zero, by key
     *
     * @return int how many were new
     *
     * @throws Refusal naming the line where more would be used than there is
     */
    public function moveAll(array $moves, array $packs, StockNames $names): int
    {
        return $this->turn->take(function () use ($moves, $packs, $names): int {
            $sql = $this->entities->getConnection();
            $items = $this->items();
            foreach ($moves as $move) {
                $items[$move->item] ??= $this->added($names->of($move->item));
            }
            foreach ($items as $item) {
                $this->entities->refresh($item);
            }
            /** @var array<string, int> $known */
            $known = $sql->fetchAllKeyValue("SELECT item || ' ' || source, 1 FROM stock_move");
            $insert = $sql->prepare(
                'INSERT INTO stock_move (item, at, kind, amount, price, note, source) VALUES (?, ?, ?, ?, ?, ?, ?)',
            );
            $at = Instant::write($this->clock->now());
            $added = 0;
            foreach ($moves as $line => $move) {
                $item = $items[$move->item];
                if (isset($known[$move->item . ' ' . $move->id])) {
                    continue;
                }
                $known[$move->item . ' ' . $move->id] = 1;
                try {
                    self::refuseMoreThanThereIs($item, $move);
                } catch (Refusal $e) {
                    throw InvalidInput::field(
                        'file',
                        sprintf("Line %d: %s\nNothing was stored.", $line, $e->getMessage()),
                    );
                }
                $values = [$item->key, $at, $move->kind->value, $move->amount, $move->price, $move->note, $move->id];
                foreach ($values as $i => $value) {
                    $insert->bindValue($i + 1, $value);
                }
                $insert->executeStatement();
                $item->counted = true;
                $item->level = StoredMove::movementOf($move->kind, $move->amount, $move->price)->after($item->level);
                ++$added;
            }
            foreach ($packs as $key => $pack) {
                $items[$key]->pack = self::packHeld($pack);
            }
            $this->entities->flush();

            return $added;
        });
    }

    /**
     * What a bench session has used up so far of what is stocked. What it was told before is not taken again, and given
     * back where it is less now; more than there should be is taken as it is: the pieces were made.
     *
     * @param array<string, float> $amounts by key
     */
    public function usedBy(string $source, array $amounts): void
    {
        $this->turn->take(fn() => $this->bookUsed($source, $amounts));
    }

    /** @param array<string, float> $amounts by key */
    private function bookUsed(string $source, array $amounts): void
    {
        foreach (
            $this->entities
                ->getRepository(StoredItem::class)
                ->findBy(['key' => array_keys($amounts), 'counted' => true])
            as $found
        ) {
            $item = $this->fresh($found);
            /** @var list<StoredMove> $moves */
            $moves = $this->entities
                ->createQueryBuilder()
                ->select('m')
                ->from(StoredMove::class, 'm')
                ->where('m.item = :item AND m.source LIKE :source')
                ->setParameter('item', $item)
                ->setParameter('source', $source . ' %')
                ->orderBy('m.number', 'DESC')
                ->getQuery()
                ->getResult();
            $more =
                $amounts[$item->key] -
                array_sum(array_map(static fn(StoredMove $move): float => $move->amount, $moves));
            if ($more > 0.0) {
                // A movement of its own: what was counted meanwhile stays true.
                $this->store(
                    new StoredMove(
                        $item,
                        Instant::write($this->clock->now()),
                        MovementKind::Used,
                        $more,
                        0,
                        '',
                        $source . ' ' . (count($moves) + 1),
                    ),
                );
            } elseif ($more < 0.0) {
                foreach ($moves as $move) {
                    $back = min(-$more, $move->amount);
                    $move->amount -= $back;
                    $more += $back;
                }
                $this->again($item);
            }
        }
    }

    /** Sheets of a medium as the shelf counts them; null where nobody does any more. */
    public function countSheets(string $medium, ?int $count, string $label): void
    {
        $this->turn->take(fn() => $this->bookCount($medium, $count, $label));
    }

    private function bookCount(string $medium, ?int $count, string $label): void
    {
        $item = $this->entities->find(StoredItem::class, Stuff::Sheet->value . ' ' . $medium);
        if (null === $count) {
            if (null !== $item) {
                $item->counted = false;
                $this->entities->flush();
            }

            return;
        }
        $item ??= $this->added(new Item(Stuff::Sheet, $medium, $label, Stuff::Sheet->unit()));
        $this->fresh($item);
        $item->counted = true;
        $this->store(
            new StoredMove(
                $item,
                Instant::write($this->clock->now()),
                MovementKind::Counted,
                (float) $count,
                0,
                '',
                'shelf-' . bin2hex(random_bytes(8)),
            ),
        );
    }

    /** @param float $pack how many are bought at once, above zero */
    public function pack(string $key, float $pack): void
    {
        $item =
            $this->entities->find(StoredItem::class, $key) ?? throw new NotFound('This is not counted in the stock.');
        $this->changes->keep(ChangeKind::Stock, $key, ['pack' => $item->pack], ['pack' => $pack]);
        $item->pack = self::packHeld($pack);
        $this->entities->flush();
    }

    /** @return array<string, mixed> an item with all its movements */
    public function written(string $key): array
    {
        $item =
            $this->entities->find(StoredItem::class, $key) ?? throw new NotFound('This is not counted in the stock.');
        $written = ['pack' => $item->pack, 'counted' => $item->counted];
        foreach ($this->entities->getRepository(StoredMove::class)->findBy(['item' => $item]) as $move) {
            $written[self::MOVE . $move->source] = $move->written();
        }

        return $written;
    }

    /** Strikes out what is not written any more, and enters what was not there. */
    public function rewrite(string $key, Record $written): void
    {
        $item =
            $this->entities->find(StoredItem::class, $key) ?? throw new NotFound('This is not counted in the stock.');
        [$item->pack, $item->counted] = [$written->number('pack'), $written->boolean('counted')];
        $there = [];
        foreach ($this->entities->getRepository(StoredMove::class)->findBy(['item' => $item]) as $move) {
            $there[self::MOVE . $move->source] = true;
            if (!$written->has(self::MOVE . $move->source)) {
                $this->entities->remove($move);
            }
        }
        foreach ($written->keys() as $name) {
            if (str_starts_with($name, self::MOVE) && !isset($there[$name])) {
                $this->entities->persist(
                    StoredMove::fromRecord($item, substr($name, strlen(self::MOVE)), $written->record($name)),
                );
            }
        }
        $this->entities->flush();
        $this->again($item);
    }

    private static function packHeld(float $pack): float
    {
        return $pack > 0.0 ? $pack : throw InvalidInput::field('pack', 'Write how many come in a pack, such as 10.');
    }

    private static function refuseMoreThanThereIs(StoredItem $item, StockMove $move): void
    {
        if (MovementKind::Used === $move->kind && $item->level < (int) round(Movement::THOUSANDTHS * $move->amount)) {
            throw InvalidInput::field(
                'amount',
                sprintf(
                    'There are only %s %s. If that is wrong, count them.',
                    (string) ($item->level / Movement::THOUSANDTHS),
                    $item->unit,
                ),
            );
        }
    }

    private function itemOf(string $key, StockNames $names): StoredItem
    {
        $known = $this->entities->find(StoredItem::class, $key);
        if (null !== $known) {
            return $known;
        }
        try {
            return $this->added($names->of($key));
        } catch (BadRecord $e) {
            throw InvalidInput::field('item', $e->getMessage());
        }
    }

    private function added(Item $item): StoredItem
    {
        $stored = new StoredItem($item);
        $this->entities->persist($stored);
        $this->entities->flush();

        return $stored;
    }

    /** What is read now is what a movement is held against; others wait their turn. */
    private function fresh(StoredItem $item): StoredItem
    {
        $this->entities->refresh($item);

        return $item;
    }

    private function store(StoredMove $move): void
    {
        $move->item->level = $move->movement()->after($move->item->level);
        $this->entities->persist($move);
        $this->entities->flush();
    }

    /** Movements that are there already were changed: what came after them counts from there. */
    private function again(StoredItem $item): void
    {
        $moves = $this->entities->getRepository(StoredMove::class)->findBy(['item' => $item], ['number' => 'ASC']);
        $item->level = Ledger::of(array_map(static fn(StoredMove $one): Movement => $one->movement(), $moves))->level();
        $this->entities->flush();
    }
}
