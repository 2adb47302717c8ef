<?php

declare(strict_types=1);

namespace Wubbin\Core\Route;

use Wubbin\Core\Measure\PaperSize;
use Wubbin\Core\Measure\Provenance;
use Wubbin\Core\Measure\Record;

/** A transfer paper or film, one sheet size of it. */
final readonly class Medium
{
    /** @param list<string> $markings ids of the markings that may print it */
    private function __construct(
        public string $id,
        public string $label,
        public PaperSize $paper,
        public float $thicknessMm,
        public array $markings,
        public bool $clear,
        public Technology $needs,
        public string $backMark,
        public Provenance $provenance,
    ) {
    }

    public static function fromRecord(Record $record): self
    {
        return new self(
            $record->string('id'),
            $record->string('label'),
            $record->enum('paper', PaperSize::class),
            $record->number('thickness_mm'),
            $record->strings('markings'),
            $record->boolean('clear'),
            $record->enum('needs', Technology::class),
            $record->string('back_mark'),
            Provenance::fromRecord($record->record('provenance')),
        );
    }
}
