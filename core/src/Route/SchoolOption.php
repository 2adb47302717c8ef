<?php

declare(strict_types=1);

namespace Wubbin\Core\Route;

use Wubbin\Core\Measure\Provenance;
use Wubbin\Core\Measure\Record;

/** One way of going about a disputed matter, and what follows from it. */
final readonly class SchoolOption
{
    /**
     * @param array<string, Figure> $figures in place of the route's own
     * @param list<HeatKind> $heat kinds it needs; empty leaves them to the route
     * @param list<string> $covers ids in the order they are preferred; empty leaves them to the route
     * @param bool $bare nothing covers the work
     * @param list<string> $routes those it is for; empty for all that the matter is for
     * @param list<string> $media ids in the order they are preferred; empty leaves them to the route
     * @param array<string, string> $with the ways in other matters that belong to it, by matter
     * @param string|null $air how hot air is set, by the heat model's name for it; null for full heat
     * @param string|null $setting how the source is set, in words, where that is not as usual
     */
    private function __construct(
        public string $id,
        public string $label,
        public string $why,
        public array $figures,
        public array $heat,
        public array $covers,
        public array $media,
        public bool $bare,
        public array $routes,
        public array $with,
        public ?string $air,
        public ?string $setting,
    ) {}

    public static function fromRecord(Record $record, Provenance $provenance): self
    {
        $figures = [];
        foreach ($record->recordMap('figures') as $id => $figure) {
            $figures[$id] = Figure::fromRecord($id, $figure, $provenance);
        }

        return new self(
            $record->string('id'),
            $record->string('label'),
            $record->string('why'),
            $figures,
            array_map(HeatKind::from(...), $record->strings('heat')),
            $record->strings('covers'),
            $record->strings('media'),
            $record->has('bare') && $record->boolean('bare'),
            $record->strings('routes'),
            $record->recordOrNull('with')?->stringMap() ?? [],
            $record->stringOrNull('air'),
            $record->stringOrNull('setting'),
        );
    }
}
