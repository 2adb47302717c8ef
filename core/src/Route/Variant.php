<?php

declare(strict_types=1);

namespace Wubbin\Core\Route;

use Wubbin\Core\Measure\Provenance;
use Wubbin\Core\Measure\Record;

/**
 * What differs on a route under circumstances: its figures and its peels with another heat source, on another material,
 * for another use. Of several that hold, the later one has the last word.
 */
final readonly class Variant
{
    /**
     * @param array<string, Figure> $figures in place of the route's own
     * @param list<string> $without ids of figures that there is no use for
     * @param array<string, PeelRule> $finishes by finish, in place of the route's own
     */
    private function __construct(
        public When $when,
        public array $figures,
        public array $without,
        public array $finishes,
    ) {}

    public static function fromRecord(Record $record): self
    {
        $provenance = Provenance::fromRecord($record->record('provenance'));
        $figures = [];
        foreach ($record->recordMap('figures') as $id => $figure) {
            $figures[$id] = Figure::fromRecord($id, $figure, $provenance);
        }

        return new self(
            When::fromRecord($record->record('when')),
            $figures,
            $record->strings('without'),
            array_map(PeelRule::fromRecord(...), $record->recordMap('finishes')),
        );
    }
}
