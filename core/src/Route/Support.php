<?php

declare(strict_types=1);

namespace Wubbin\Core\Route;

use Wubbin\Core\Measure\Record;

/** What lies beneath, inside or over the work: a base, a guard or a cover sheet. */
final readonly class Support
{
    private function __construct(
        public string $id,
        public string $label,
        public bool $hard,
        public float $thicknessMm,
        public Hatch $hatch,
    ) {
    }

    public static function fromRecord(Record $record): self
    {
        return new self($record->string('id'), $record->string('label'), $record->boolean('hard'), $record->number('thickness_mm'), $record->enum('hatch', Hatch::class));
    }
}
