<?php

declare(strict_types=1);

namespace Wubbin\Core\Blank;

use Wubbin\Core\Measure\Provenance;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Measure\Temperature;

/**
 * What a blank is made of. `limit` is where holding it harms the material; `careDots` is what a care label allows.
 * `wallMm` is how thick it usually is, where that differs from other pieces of the kind. `refused` says why a route
 * that is not made for it cannot be, and `instead` the way out, where the trade knows one.
 */
final readonly class Material
{
    private function __construct(
        public string $id,
        public string $label,
        public Surface $surface,
        public Temperature $limit,
        public string $limitWhy,
        public ?int $careDots,
        public ?float $wallMm,
        public ?string $refused,
        public ?string $instead,
        public Provenance $provenance,
    ) {}

    public static function fromRecord(Record $record): self
    {
        return new self(
            $record->string('id'),
            $record->string('label'),
            $record->enum('surface', Surface::class),
            Temperature::celsius($record->number('limit_c')),
            $record->string('limit_why'),
            $record->has('care_dots') ? $record->integer('care_dots') : null,
            $record->numberOrNull('wall_mm'),
            $record->stringOrNull('refused'),
            $record->stringOrNull('instead'),
            Provenance::fromRecord($record->record('provenance')),
        );
    }
}
