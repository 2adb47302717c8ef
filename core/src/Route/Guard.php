<?php

declare(strict_types=1);

namespace Wubbin\Core\Route;

use Wubbin\Core\Measure\Record;

/** What is slipped inside the blank so that colour does not go through. */
final readonly class Guard
{
    private function __construct(
        public string $id,
        public string $label,
        public float $thicknessMm,
        public Hatch $hatch,
    ) {
    }

    public static function fromRecord(Record $record): self
    {
        return new self($record->string('id'), $record->string('label'), $record->number('thickness_mm'), $record->enum('hatch', Hatch::class));
    }
}
