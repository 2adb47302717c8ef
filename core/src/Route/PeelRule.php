<?php

declare(strict_types=1);

namespace Wubbin\Core\Route;

use Wubbin\Core\Measure\Duration;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Measure\Temperature;

/** When the backing comes off: a range of temperature at the backing, and about how long after the iron that is. */
final readonly class PeelRule
{
    private function __construct(
        public string $word,
        public ?Temperature $above,
        public Temperature $below,
        public Duration $wait,
    ) {
    }

    public static function fromRecord(Record $record): self
    {
        $above = $record->numberOrNull('above_c');

        return new self(
            $record->string('word'),
            null === $above ? null : Temperature::celsius($above),
            Temperature::celsius($record->number('below_c')),
            Duration::seconds($record->number('wait_s')),
        );
    }
}
