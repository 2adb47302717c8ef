<?php

declare(strict_types=1);

namespace Wubbin\Core\Route;

use Wubbin\Core\Measure\Provenance;
use Wubbin\Core\Measure\Record;

/** One matter on which practitioners disagree, with the ways they go about it. */
final readonly class School
{
    /**
     * @param list<string> $routes ids of the routes it matters to
     * @param list<string> $blanks kinds of blank that it matters to; empty for any
     * @param list<HeatKind> $heats kinds of heat that it matters with; empty for any
     * @param array<string, string> $defaults option by route, where it is not the first
     * @param array<string, string> $forUses option by the use that the piece is meant for
     * @param array<string, SchoolOption> $options
     */
    private function __construct(
        public string $id,
        public string $label,
        public array $routes,
        public array $blanks,
        public array $heats,
        private array $defaults,
        private array $forUses,
        public array $options,
        public Provenance $provenance,
    ) {}

    public static function fromRecord(Record $record): self
    {
        $provenance = Provenance::fromRecord($record->record('provenance'));
        $options = [];
        foreach ($record->records('options') as $option) {
            $options[$option->string('id')] = SchoolOption::fromRecord($option, $provenance);
        }

        return new self(
            $record->string('id'),
            $record->string('label'),
            $record->strings('routes'),
            $record->strings('blanks'),
            array_map(HeatKind::from(...), $record->strings('heats')),
            $record->recordOrNull('default')?->stringMap() ?? [],
            $record->recordOrNull('for_use')?->stringMap() ?? [],
            $options,
            $provenance,
        );
    }

    /** @param string|null $blankKindId null for any blank */
    public function matters(string $routeId, ?string $blankKindId = null): bool
    {
        return in_array($routeId, $this->routes, true) &&
            (null === $blankKindId || [] === $this->blanks || in_array($blankKindId, $this->blanks, true));
    }

    /** The matter as it stands for one route: with the options that are for it. */
    public function on(string $routeId): self
    {
        $options = array_filter(
            $this->options,
            static fn(SchoolOption $option): bool => [] === $option->routes ||
                in_array($routeId, $option->routes, true),
        );

        return new self(
            $this->id,
            $this->label,
            $this->routes,
            $this->blanks,
            $this->heats,
            $this->defaults,
            $this->forUses,
            $options,
            $this->provenance,
        );
    }

    /** The id of what Wubbin takes for a route where nobody says otherwise. */
    public function defaultFor(string $routeId): string
    {
        return $this->defaults[$routeId] ?? (array_key_first($this->options) ?? '');
    }

    /** The id of what goes with a use; null where a use asks for nothing of its own. */
    public function forUse(?UseWanted $use): ?string
    {
        return $this->forUses[$use->value ?? ''] ?? null;
    }
}
