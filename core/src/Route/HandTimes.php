<?php

declare(strict_types=1);

namespace Wubbin\Core\Route;

use Wubbin\Core\Measure\Duration;
use Wubbin\Core\Measure\Provenance;
use Wubbin\Core\Measure\Record;

/** How long the hands need for each thing that the recipe itself does not time. */
final readonly class HandTimes
{
    private function __construct(
        public Duration $print,
        public Duration $look,
        public Duration $ready,
        public Duration $prepress,
        public Duration $place,
        public Duration $peel,
        public Duration $compare,
        public Duration $off,
        public Provenance $provenance,
    ) {
    }

    public static function fromRecord(Record $record): self
    {
        $time = static fn (string $key): Duration => Duration::seconds($record->number($key.'_s'));

        return new self(
            $time('print'),
            $time('look'),
            $time('ready'),
            $time('prepress'),
            $time('place'),
            $time('peel'),
            $time('compare'),
            $time('off'),
            Provenance::fromRecord($record->record('provenance')),
        );
    }
}
