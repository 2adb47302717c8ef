<?php

declare(strict_types=1);

namespace Wubbin\Core\Route;

use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Record;

/**
 * A step as a route writes it down: words with `<names>` of things and `{names}` of figures, and how its time is told.
 *
 * `time` names the figure its clock runs on; a step without one takes what hands usually need. `perPlace` repeats it
 * for each place of the plate, or those in the `half` of a wrap that is meant, front or back; `repeat` as often as a
 * figure counts. `once` is for what several pictures on one side share. `atHeat` is for what is done where the heat is,
 * which differs from the rest of its kind. `vapour` is for what opens a solvent, a spray or a varnish: never while
 * anything is hot in the same room. `drawn` is for what is drawn otherwise than its kind.
 */
final readonly class StepRule
{
    private function __construct(
        public string $id,
        public StepKind $kind,
        public Scope $scope,
        public string $title,
        public string $cue,
        public ?string $time,
        public int $times,
        public bool $perPlace,
        public ?string $half,
        public ?string $repeat,
        public ?Once $once,
        public When $when,
        public bool $atHeat,
        public bool $vapour,
        public ?Motif $drawn,
    ) {}

    /** @throws BadRecord */
    public static function fromRecord(Record $record): self
    {
        return new self(
            $record->string('id'),
            $record->enum('kind', StepKind::class),
            $record->enum('scope', Scope::class),
            $record->string('title'),
            $record->string('cue'),
            $record->stringOrNull('time'),
            $record->has('times') ? $record->integer('times') : 1,
            'place' === $record->stringOrNull('per'),
            $record->stringOrNull('half'),
            $record->stringOrNull('repeat'),
            $record->has('once') ? $record->enum('once', Once::class) : null,
            When::fromRecord($record->recordOrNull('when')),
            $record->has('at_heat') ? $record->boolean('at_heat') : $record->enum('kind', StepKind::class)->atHeat(),
            $record->has('vapour') && $record->boolean('vapour'),
            $record->has('drawn') ? $record->enum('drawn', Motif::class) : null,
        );
    }
}
