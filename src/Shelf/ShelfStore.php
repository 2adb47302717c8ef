<?php

declare(strict_types=1);

namespace Wubbin\Shelf;

use Wubbin\Change\ChangeKind;
use Wubbin\Change\Changes;
use Wubbin\Core\Job\Shelf;
use Wubbin\Core\Job\StoredShelf;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Route\Catalogue;
use Wubbin\Refusal\InvalidInput;
use Wubbin\Refusal\Refusal;
use Wubbin\Stock\Inventory;
use Wubbin\Storage\Documents;
use Wubbin\Storage\WriteTurn;

/** Keeps what this shop has. */
final readonly class ShelfStore
{
    private const NAME = 'shelf';
    private const UNREAD = 'shelf-unread';

    public function __construct(
        private Documents $documents,
        private WriteTurn $turn,
        private Catalogue $catalogue,
        private Inventory $stock,
        private Changes $changes,
    ) {}

    public function get(): Shelf
    {
        return $this->shelf($this->documents->get(self::NAME))->shelf;
    }

    /** @return list<string> what is on the disk and cannot be read */
    public function leftOut(): array
    {
        return $this->shelf($this->documents->get(self::NAME))->leftOut;
    }

    /**
     * Puts an entry of the shop's own on the shelf; the same one again takes its place.
     *
     * @param string $kind media, markings, bases, guards, covers or blanks
     * @param array<string, mixed> $entry as the shelf writes it down
     *
     * @throws Refusal naming the measure that cannot be
     */
    public function addOwn(string $kind, array $entry): Shelf
    {
        return $this->change(static function (array $record) use ($kind, $entry): array {
            $id = Record::of($entry)->string('id');
            $own = array_values(
                array_filter(
                    $record['own'][$kind] ?? [],
                    static fn(array $known): bool => ($known['id'] ?? '') !== $id,
                ),
            );
            $record['own'][$kind] = [...$own, $entry];
            $record[$kind] = array_values(
                array_unique([...array_filter((array) ($record[$kind] ?? []), is_string(...)), $id]),
            );

            return $record;
        });
    }

    /**
     * Changes what there is of paper.
     *
     * @param callable(array{sheets: array<string, int>, offcuts: list<array<string, mixed>>}): array<string,
     *     mixed> $change
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
     * @param callable(array{own: array<string, list<array<string, mixed>>>, heat: list<array<string, mixed>>,
     *     paper: array<string, mixed>, ...<string,
     *     mixed>}): array<string, mixed> $change of the shelf as it is written down
     *
     * @throws Refusal naming the measure that cannot be
     */
    public function change(callable $change): Shelf
    {
        return $this->turn->take(function () use ($change): Shelf {
            try {
                $stored = $this->documents->fresh(self::NAME);
                $before = $this->shelf($stored);
                if ([] !== $before->leftOut && null !== $stored) {
                    // What cannot be read is not lost by what is written over it.
                    $this->documents->put(self::UNREAD, $stored->raw());
                }
                $shelf = Shelf::fromRecord(Record::of($change($before->shelf->toRecord())), $this->catalogue);
            } catch (BadRecord $e) {
                $path = explode('.', $e->field);
                throw InvalidInput::field(str_replace('_mm', '', end($path)), $e->getMessage());
            }
            $this->changes->keep(ChangeKind::Shelf, '', $before->shelf->toRecord(), $shelf->toRecord());
            $this->put($shelf);

            return $shelf;
        });
    }

    public function put(Shelf $shelf): void
    {
        $this->documents->put(self::NAME, $shelf->toRecord());
        // How many sheets there are is the stock's: what the shelf says otherwise was counted just now.
        $known = $this->stock->sheets();
        foreach (array_keys($known + $shelf->paper->sheets) as $medium) {
            $count = $shelf->paper->sheets[$medium] ?? null;
            if ($count !== ($known[$medium] ?? null)) {
                $this->stock->countSheets($medium, $count, $shelf->media[$medium]->label ?? $medium);
            }
        }
    }

    private function shelf(?Record $stored): StoredShelf
    {
        return StoredShelf::fromRecord($stored ?? Record::of([]), $this->catalogue)->counting($this->stock->sheets());
    }
}
