<?php

declare(strict_types=1);

namespace Wubbin\Core\Route;

use Wubbin\Core\Measure\Provenance;
use Wubbin\Core\Measure\Record;

/** How a route's result holds up to each use: 0 not, 1 hardly, 2 fairly, 3 well. */
final readonly class Holds
{
    /** @param array<string, int> $grades by use */
    private function __construct(private array $grades, public Provenance $provenance) {}

    public static function fromRecord(Record $record): self
    {
        $grades = [];
        foreach (UseWanted::cases() as $use) {
            $grades[$use->value] = max(0, min(3, $record->integer($use->value)));
        }

        return new self($grades, Provenance::fromRecord($record->record('provenance')));
    }

    /** @return int<0, 3> */
    public function upTo(UseWanted $use): int
    {
        return max(0, min(3, $this->grades[$use->value]));
    }
}
