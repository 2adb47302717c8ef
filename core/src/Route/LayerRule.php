<?php

declare(strict_types=1);

namespace Wubbin\Core\Route;

use Wubbin\Core\Measure\Record;

/** One layer that a route lays down. `part` names it where the role alone does not; `printedFace` is set on the medium only. */
final readonly class LayerRule
{
    private function __construct(
        public LayerRole $role,
        public ?string $part,
        public ?float $thicknessMm,
        public ?Face $printedFace,
    ) {
    }

    public static function fromRecord(Record $record): self
    {
        return new self(
            $record->enum('role', LayerRole::class),
            $record->stringOrNull('part'),
            $record->numberOrNull('thickness_mm'),
            $record->has('printed_face') ? $record->enum('printed_face', Face::class) : null,
        );
    }
}
