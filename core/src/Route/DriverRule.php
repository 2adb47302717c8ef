<?php

declare(strict_types=1);

namespace Wubbin\Core\Route;

use Wubbin\Core\Measure\Provenance;
use Wubbin\Core\Measure\Record;

/** What a printer's driver is told of a route's sheets, in words that drivers use. */
final readonly class DriverRule
{
    private function __construct(
        public string $paper,
        public string $quality,
        public string $why,
        public Provenance $provenance,
    ) {}

    public static function fromRecord(Record $record): self
    {
        return new self(
            $record->string('paper'),
            $record->string('quality'),
            $record->string('why'),
            Provenance::fromRecord($record->record('provenance')),
        );
    }

    /** For what is drawn by hand. */
    public static function none(): self
    {
        return new self(
            'plain paper',
            'normal',
            'The template is printed on plain paper.',
            Provenance::assumed('a template is only a guide'),
        );
    }
}
