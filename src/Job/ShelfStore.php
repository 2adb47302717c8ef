<?php

declare(strict_types=1);

namespace Wubbin\Job;

use Doctrine\ORM\EntityManagerInterface;
use Wubbin\Core\Job\Shelf;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Route\Catalogue;
use Wubbin\Http\Problem;
use Wubbin\Measure\Setting;

/** Keeps what this shop has. */
final readonly class ShelfStore
{
    private const NAME = 'shelf';

    public function __construct(private EntityManagerInterface $entities, private Catalogue $catalogue)
    {
    }

    public function get(): Shelf
    {
        $stored = $this->entities->find(Setting::class, self::NAME);

        return null === $stored ? Shelf::nothing() : Shelf::fromRecord(Record::of($stored->value), $this->catalogue);
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
        $record = $this->get()->toRecord();
        $id = Record::of($entry)->string('id');
        $own = array_values(array_filter($record['own'][$kind] ?? [], static fn (array $known): bool => ($known['id'] ?? '') !== $id));
        $record['own'][$kind] = [...$own, $entry];
        $record[$kind] = array_values(array_unique([...array_filter((array) ($record[$kind] ?? []), is_string(...)), $id]));
        try {
            $shelf = Shelf::fromRecord(Record::of($record), $this->catalogue);
        } catch (BadRecord $e) {
            $path = explode('.', $e->field);
            throw Problem::field(str_replace('_mm', '', end($path)), $e->getMessage());
        }
        $this->put($shelf);

        return $shelf;
    }

    public function put(Shelf $shelf): void
    {
        $stored = $this->entities->find(Setting::class, self::NAME) ?? new Setting(self::NAME, []);
        $stored->value = $shelf->toRecord();
        $this->entities->persist($stored);
        $this->entities->flush();
    }
}
