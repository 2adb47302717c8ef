<?php

declare(strict_types=1);

namespace Wubbin\Core\Route;

use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Provenance;
use Wubbin\Core\Measure\Record;

/** What a picture uses up beside its sheet and its blank. */
final readonly class Consumption
{
    /**
     * @param array<string, array{float, string, Provenance}> $ink amount a square metre laid on in full, and its
     *                                                             unit, by kind
     * @param float $tapeMm for one picture
     * @param array<string, array{int<1, max>, Provenance}> $covers how often each is used
     */
    private function __construct(
        private array $ink,
        public float $tapeMm,
        public Provenance $tapeProvenance,
        private array $covers,
    ) {}

    /** @throws BadRecord where an amount is not above zero */
    public static function fromRecord(Record $record): self
    {
        $ink = $covers = [];
        foreach ($record->recordMap('ink') as $kind => $of) {
            $ink[$kind] = [
                self::positive($of->number('amount'), $kind),
                $of->string('unit'),
                Provenance::fromRecord($of->record('provenance')),
            ];
        }
        foreach ($record->recordMap('covers') as $id => $of) {
            $covers[$id] = [max(1, $of->integer('uses')), Provenance::fromRecord($of->record('provenance'))];
        }
        $tape = $record->record('tape');

        return new self(
            $ink,
            self::positive($tape->number('mm'), 'tape'),
            Provenance::fromRecord($tape->record('provenance')),
            $covers,
        );
    }

    private static function positive(float $amount, string $of): float
    {
        return $amount > 0.0 ? $amount : throw BadRecord::at($of, 'It uses up something.');
    }

    /**
     * @return array{float, string,
     *     Provenance}|null amount a square metre, unit and provenance; null for what hands draw with
     */
    public function ink(Ink $ink): ?array
    {
        return $this->ink[$ink->value] ?? null;
    }

    /**
     * How often a cover is used; one of a shop's own as often as the one it is like, and once where nobody knows.
     *
     * @return array{int<1, max>, Provenance}
     */
    public function cover(string $id): array
    {
        return $this->covers[$id] ?? [1, Provenance::assumed('nobody said how often')];
    }
}
