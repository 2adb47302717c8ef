<?php

declare(strict_types=1);

namespace Wubbin\Core\Job;

use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Record;

/** How many sheets of each medium there are, where they were counted, and what offcuts. */
final readonly class PaperStock
{
    private const MOST = 100000;
    private const MOST_OFFCUTS = 200;

    /**
     * @param array<string, int> $sheets by medium
     * @param list<Offcut> $offcuts
     */
    private function __construct(public array $sheets, public array $offcuts) {}

    public static function nothing(): self
    {
        return new self([], []);
    }

    /** @param array<string, int> $sheets by medium */
    public function counting(array $sheets): self
    {
        return new self($sheets, $this->offcuts);
    }

    /** @throws BadRecord */
    public static function fromRecord(Record $record): self
    {
        $sheets = [];
        $counted = $record->recordOrNull('sheets') ?? Record::of([]);
        foreach ($counted->keys() as $medium) {
            $count = $counted->integer($medium);
            if ($count < 0 || $count > self::MOST) {
                throw BadRecord::at('sheets', sprintf('Sheets go from 0 to %d.', self::MOST));
            }
            $sheets[$medium] = $count;
        }
        $offcuts = $record->has('offcuts') ? array_map(Offcut::fromRecord(...), $record->records('offcuts')) : [];
        if (count($offcuts) > self::MOST_OFFCUTS) {
            throw BadRecord::at('offcuts', sprintf('A shelf keeps at most %d offcuts.', self::MOST_OFFCUTS));
        }

        return new self($sheets, $offcuts);
    }

    /** @return list<Offcut> of a medium, the smallest first: it is the one that little else fits on */
    public function offcutsOf(string $mediumId): array
    {
        $of = array_values(
            array_filter($this->offcuts, static fn(Offcut $offcut): bool => $offcut->mediumId === $mediumId),
        );
        usort($of, static fn(Offcut $a, Offcut $b): int => $a->size->areaMm2() <=> $b->size->areaMm2());

        return $of;
    }

    /** @return array{sheets?: array<string, int>, offcuts: list<array<string, mixed>>} */
    public function toRecord(): array
    {
        return ([] === $this->sheets ? [] : ['sheets' => $this->sheets]) + [
            'offcuts' => array_map(static fn(Offcut $offcut): array => $offcut->toRecord(), $this->offcuts),
        ];
    }
}
