<?php

declare(strict_types=1);

namespace Wubbin\Core\Blank;

use Wubbin\Core\Measure\Provenance;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Measure\Temperature;

/** What a blank is made of. `limit` is where holding it harms the fibre. */
final readonly class Material
{
    private function __construct(
        public string $id,
        public string $label,
        public Fibre $fibre,
        public Temperature $limit,
        public string $limitWhy,
        public Provenance $provenance,
    ) {
    }

    public static function fromRecord(Record $record): self
    {
        return new self(
            $record->string('id'),
            $record->string('label'),
            $record->enum('fibre', Fibre::class),
            Temperature::celsius($record->number('limit_c')),
            $record->string('limit_why'),
            Provenance::fromRecord($record->record('provenance')),
        );
    }
}
