<?php

declare(strict_types=1);

namespace Wubbin\Core\Route;

use Wubbin\Core\Measure\Duration;
use Wubbin\Core\Measure\Provenance;
use Wubbin\Core\Measure\Record;

/** One opinion on how long the ink must dry before it is pressed. */
final readonly class DryingSchool
{
    private function __construct(
        public string $id,
        public string $label,
        public Duration $drying,
        public string $why,
        public Provenance $provenance,
    ) {
    }

    public static function fromRecord(Record $record, Provenance $provenance): self
    {
        return new self($record->string('id'), $record->string('label'), Duration::seconds($record->number('dry_s')), $record->string('why'), $provenance);
    }
}
