<?php

declare(strict_types=1);

namespace Wubbin\Core\Route;

use Wubbin\Core\Measure\Record;

/**
 * One layer that a route lays down. `part` or `label` names it where the role does not; `printedFace` is the medium's.
 */
final readonly class LayerRule
{
    private function __construct(
        public LayerRole $role,
        public ?string $part,
        public ?string $label,
        public ?float $thicknessMm,
        public ?Face $printedFace,
        public When $when,
    ) {}

    public static function fromRecord(Record $record): self
    {
        return new self(
            $record->enum('role', LayerRole::class),
            $record->stringOrNull('part'),
            $record->stringOrNull('label'),
            $record->numberOrNull('thickness_mm'),
            $record->has('printed_face') ? $record->enum('printed_face', Face::class) : null,
            When::fromRecord($record->recordOrNull('when')),
        );
    }
}
