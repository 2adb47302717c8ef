<?php

declare(strict_types=1);

namespace Wubbin\Core\Route;

use Wubbin\Core\Measure\Provenance;
use Wubbin\Core\Measure\Record;

/** What comes of a route: how it looks, what it holds out against, what it costs. */
final readonly class Character
{
    /**
     * @param bool $opaque its ground hides the colour of the blank
     * @param list<LookWanted> $looks it can give
     * @param string $beneath what becomes of it when another picture is heated over it
     */
    private function __construct(
        public bool $opaque,
        public AppearanceRule $appearance,
        public array $looks,
        public string $beneath,
        public Provenance $beneathProvenance,
        public Holds $holds,
        public int $cost,
        public Provenance $costProvenance,
    ) {}

    public static function fromRecord(Record $record): self
    {
        $beneath = $record->record('beneath');
        $cost = $record->record('cost');

        return new self(
            $record->has('opaque') && $record->boolean('opaque'),
            $record->has('appearance')
                ? AppearanceRule::fromRecord($record->record('appearance'))
                : AppearanceRule::none(),
            array_map(LookWanted::from(...), $record->strings('looks')),
            $beneath->string('why'),
            Provenance::fromRecord($beneath->record('provenance')),
            Holds::fromRecord($record->record('holds')),
            $cost->integer('level'),
            Provenance::fromRecord($cost->record('provenance')),
        );
    }
}
