<?php

declare(strict_types=1);

namespace Wubbin\Core\Job;

use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Id;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Measure\UnreadableQuantity;
use Wubbin\Core\Route\Catalogue;

/**
 * A shelf as it is read from the disk: whatever stands there, a shop opens. Ids that are none are mended; an entry that
 * cannot be read all the same is left out and named.
 */
final readonly class StoredShelf
{
    private const LISTS = ['media', 'markings', 'bases', 'guards', 'covers', 'blanks'];

    /** @param list<string> $leftOut what people called the entries that cannot be read */
    private function __construct(public Shelf $shelf, public array $leftOut) {}

    /**
     * The same shelf with so many sheets of each medium.
     *
     * @param array<string, int> $sheets
     */
    public function counting(array $sheets): self
    {
        return new self($this->shelf->counting($sheets), $this->leftOut);
    }

    public static function fromRecord(Record $stored, Catalogue $catalogue): self
    {
        $whole = self::read($stored->raw(), $catalogue);
        if (null !== $whole) {
            return new self($whole, []);
        }
        $record = ['heat' => [], 'own' => [], 'paper' => ['offcuts' => []]] + array_fill_keys(self::LISTS, []);
        $shelf = Shelf::nothing();
        $leftOut = [];
        // Copies first: the lists name them.
        foreach (self::entries($stored->raw()) as [$add, $name]) {
            $more = $add($record);
            $tried = self::read($more, $catalogue);
            if (null === $tried) {
                $leftOut[] = $name;
            } else {
                [$shelf, $record] = [$tried, $more];
            }
        }

        return new self($shelf, array_values(array_unique($leftOut)));
    }

    /** @param array<array-key, mixed> $record */
    private static function read(array $record, Catalogue $catalogue): ?Shelf
    {
        try {
            $shelf = Shelf::fromRecord(Record::of($record), $catalogue);
            // A number as a key is written as one, and cannot be read again.
            foreach ([$shelf->media, $shelf->markings, $shelf->heat, $shelf->bases, $shelf->guards] as $things) {
                if (self::hasNumbers($things)) {
                    return null;
                }
            }
            if (self::hasNumbers($shelf->covers + $shelf->blanks)) {
                return null;
            }

            return $shelf;
        } catch (BadRecord | UnreadableQuantity) {
            return null;
        }
    }

    /** @param array<array-key, mixed> $things by what should be their ids */
    private static function hasNumbers(array $things): bool
    {
        return [] !== array_filter(array_keys($things), is_int(...));
    }

    /**
     * @param array<array-key, mixed> $stored
     *
     * @return list<array{\Closure(array<array-key, mixed>): array<array-key, mixed>, string}> each as what adds it to a
     *                                                                                         record, and its name
     */
    private static function entries(array $stored): array
    {
        $entries = [];
        foreach (self::part($stored, 'own') as $kind => $things) {
            foreach (self::part(['of' => $things], 'of') as $thing) {
                $entries[] = self::listed('own', (string) $kind, self::mended($thing));
            }
        }
        foreach (self::LISTS as $list) {
            foreach (self::part($stored, $list) as $id) {
                $entries[] = self::listed($list, null, is_int($id) || is_string($id) ? Id::mended($id) : $id);
            }
        }
        foreach (self::part($stored, 'heat') as $source) {
            $entries[] = self::listed('heat', null, self::mended($source));
        }
        foreach (self::part($stored, 'printers') as $id => $printer) {
            $entries[] = self::keyed('printers', Id::mended($id), $printer);
        }
        foreach (self::part(self::part($stored, 'paper'), 'offcuts') as $offcut) {
            $entries[] = self::listed('paper', 'offcuts', self::mended($offcut));
        }

        return $entries;
    }

    /**
     * @param array<array-key, mixed> $of
     *
     * @return array<array-key, mixed> empty where it is not there, or no list
     */
    private static function part(array $of, string $key): array
    {
        return is_array($of[$key] ?? null) ? $of[$key] : [];
    }

    private static function mended(mixed $entry): mixed
    {
        if (is_array($entry) && (is_int($entry['id'] ?? null) || is_string($entry['id'] ?? null))) {
            $entry['id'] = Id::mended($entry['id']);
        }

        return $entry;
    }

    /** @return array{\Closure(array<array-key, mixed>): array<array-key, mixed>, string} */
    private static function listed(string $key, ?string $inner, mixed $entry): array
    {
        return [
            static function (array $record) use ($key, $inner, $entry): array {
                if (null === $inner) {
                    $record[$key] = [...self::part($record, $key), $entry];
                } else {
                    $part = self::part($record, $key);
                    $part[$inner] = [...self::part($part, $inner), $entry];
                    $record[$key] = $part;
                }

                return $record;
            },
            self::name($entry),
        ];
    }

    /** @return array{\Closure(array<array-key, mixed>): array<array-key, mixed>, string} */
    private static function keyed(string $key, string $id, mixed $entry): array
    {
        return [
            static fn(array $record): array => [$key => [$id => $entry] + self::part($record, $key)] + $record,
            $id,
        ];
    }

    private static function name(mixed $entry): string
    {
        $name = is_array($entry) ? $entry['label'] ?? ($entry['id'] ?? null) : $entry;

        return is_string($name) && '' !== trim($name) ? mb_substr(mb_scrub($name), 0, 60) : 'an entry without a name';
    }
}
