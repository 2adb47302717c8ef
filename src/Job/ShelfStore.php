<?php

declare(strict_types=1);

namespace Wubbin\Job;

use Doctrine\ORM\EntityManagerInterface;
use Wubbin\Core\Job\Shelf;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Route\Catalogue;
use Wubbin\Cost\StockDesk;
use Wubbin\Http\Problem;
use Wubbin\Measure\Setting;

/** Keeps what this shop has. */
final readonly class ShelfStore
{
    private const NAME = 'shelf';

    public function __construct(private EntityManagerInterface $entities, private Catalogue $catalogue, private StockDesk $stock)
    {
    }

    public function get(): Shelf
    {
        $stored = $this->entities->find(Setting::class, self::NAME);

        return (null === $stored ? Shelf::nothing() : Shelf::fromRecord(Record::of($stored->value), $this->catalogue))->counting($this->stock->sheets());
    }

    /**
     * Puts an entry of the shop's own on the shelf; the same one again takes its place.
     *
     * @param string               $kind  media, markings, bases, guards, covers or blanks
     * @param array<string, mixed> $entry as the shelf writes it down
     *
     * @throws Problem naming the measure that cannot be
     */
    public function addOwn(string $kind, array $entry): Shelf
    {
        return $this->change(static function (array $record) use ($kind, $entry): array {
            $id = Record::of($entry)->string('id');
            $own = array_values(array_filter($record['own'][$kind] ?? [], static fn (array $known): bool => ($known['id'] ?? '') !== $id));
            $record['own'][$kind] = [...$own, $entry];
            $record[$kind] = array_values(array_unique([...array_filter((array) ($record[$kind] ?? []), is_string(...)), $id]));

            return $record;
        });
    }

    /**
     * Changes what there is of paper.
     *
     * @param callable(array{sheets: array<string, int>, offcuts: list<array<string, mixed>>}): array<string, mixed> $change
     */
    public function changePaper(callable $change): Shelf
    {
        return $this->change(static function (array $record) use ($change): array {
            /** @var array{sheets?: array<string, int>, offcuts: list<array<string, mixed>>} $paper */
            $paper = $record['paper'];

            return ['paper' => $change($paper + ['sheets' => []])] + $record;
        });
    }

    /**
     * Changes what is on the shelf now, whoever changes it at the same time: one after the other, and nothing is lost.
     *
     * @param callable(array{own: array<string, list<array<string, mixed>>>, heat: list<array<string, mixed>>, paper: array<string, mixed>, ...<string, mixed>}): array<string, mixed> $change of the shelf as it is written down
     *
     * @throws Problem naming the measure that cannot be
     */
    public function change(callable $change): Shelf
    {
        return $this->entities->wrapInTransaction(function () use ($change): Shelf {
            // A write before the first read: others wait here, and read what this one has written.
            $this->entities->getConnection()->executeStatement("DELETE FROM setting WHERE name = ''");
            $stored = $this->entities->find(Setting::class, self::NAME);
            if (null !== $stored) {
                $this->entities->refresh($stored);
            }
            try {
                $shelf = Shelf::fromRecord(Record::of($change($this->get()->toRecord())), $this->catalogue);
            } catch (BadRecord $e) {
                $path = explode('.', $e->field);
                throw Problem::field(str_replace('_mm', '', end($path)), $e->getMessage());
            }
            $this->put($shelf);

            return $shelf;
        });
    }

    public function put(Shelf $shelf): void
    {
        $stored = $this->entities->find(Setting::class, self::NAME) ?? new Setting(self::NAME, []);
        $stored->value = $shelf->toRecord();
        $this->entities->persist($stored);
        $this->entities->flush();
        // How many sheets there are is the stock's: what the shelf says otherwise was counted just now.
        $known = $this->stock->sheets();
        foreach (array_keys($known + $shelf->paper->sheets) as $medium) {
            $count = $shelf->paper->sheets[$medium] ?? null;
            if ($count !== ($known[$medium] ?? null)) {
                $this->stock->countSheets($medium, $count, $shelf->media[$medium]->label ?? $medium);
            }
        }
    }
}
