<?php

declare(strict_types=1);

namespace Wubbin\Core\Route;

use Wubbin\Core\Measure\Record;

/** A safety notice. It stands at the moments it is about and is never muted. */
final readonly class Caution
{
    public const TICKET_BLANK = 'blank';
    public const TICKET_ARTWORK = 'artwork';

    /**
     * @param list<string> $at kinds of step, or the ticket's `blank` and `artwork`
     * @param list<string> $heat kinds of heat it is about; empty for any
     * @param list<string> $routes it is about; empty for any
     * @param list<string> $blanks kinds of blank it is about; empty for any
     * @param list<string> $peels words for how a sheet is peeled; empty for any
     */
    private function __construct(
        public array $at,
        public array $heat,
        public array $routes,
        public array $blanks,
        public array $peels,
        public bool $onlyForChildren,
        public string $text,
    ) {}

    public static function fromRecord(Record $record): self
    {
        return new self(
            $record->strings('at'),
            $record->strings('heat'),
            $record->strings('routes'),
            $record->strings('blanks'),
            $record->strings('peels'),
            'child' === $record->stringOrNull('for'),
            $record->string('text'),
        );
    }

    /** @param string $peel how the sheet is peeled, in a word */
    public function concerns(string $routeId, ?HeatKind $heat, string $blankKindId, bool $forChild, string $peel): bool
    {
        return ([] === $this->routes || in_array($routeId, $this->routes, true)) &&
            ([] === $this->heat || in_array($heat?->value, $this->heat, true)) &&
            ([] === $this->blanks || in_array($blankKindId, $this->blanks, true)) &&
            ([] === $this->peels || in_array($peel, $this->peels, true)) &&
            (!$this->onlyForChildren || $forChild);
    }
}
