<?php

declare(strict_types=1);

namespace Wubbin\Core\Route;

use Wubbin\Core\Measure\Phrase;
use Wubbin\Core\Measure\Provenance;
use Wubbin\Core\Measure\Record;

/** How finished pieces are looked after, and when somebody asks how they have lasted. */
final readonly class CareRules
{
    /**
     * @param list<CareLine> $lines
     * @param list<array{When, int}> $ask days after which somebody asks, by the first that holds
     */
    private function __construct(private array $lines, private array $ask, public Provenance $provenance) {}

    public static function fromRecord(Record $record): self
    {
        return new self(
            array_map(CareLine::fromRecord(...), $record->records('lines')),
            array_map(
                static fn(Record $one): array => [When::fromRecord($one->record('when')), $one->integer('days')],
                $record->records('ask'),
            ),
            Provenance::fromRecord($record->record('provenance')),
        );
    }

    /**
     * @param array<string, string> $circumstances
     *
     * @return list<Phrase>
     */
    public function under(array $circumstances): array
    {
        return array_values(
            array_map(
                static fn(CareLine $line): Phrase => $line->text,
                array_filter($this->lines, static fn(CareLine $line): bool => $line->when->holds($circumstances)),
            ),
        );
    }

    /** @param array<string, string> $circumstances */
    public function askAfterDays(array $circumstances): int
    {
        foreach ($this->ask as [$when, $days]) {
            if ($when->holds($circumstances)) {
                return $days;
            }
        }

        return 0;
    }
}
