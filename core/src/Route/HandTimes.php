<?php

declare(strict_types=1);

namespace Wubbin\Core\Route;

use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Duration;
use Wubbin\Core\Measure\Provenance;
use Wubbin\Core\Measure\Record;

/** How long hands need for what no recipe times. */
final readonly class HandTimes
{
    /** @param array<string, float> $seconds by kind of step */
    private function __construct(
        private array $seconds,
        private float $trimMmPerSecond,
        private float $trimHandlingSeconds,
        public Provenance $provenance,
        public Provenance $trimProvenance,
    ) {}

    /** @throws BadRecord where a kind of step has no time */
    public static function fromRecord(Record $record): self
    {
        $given = $record->record('seconds');
        $trim = $record->record('trim');
        $seconds = [];
        foreach (StepKind::cases() as $kind) {
            if ($given->has($kind->value)) {
                $seconds[$kind->value] = $given->number($kind->value);
            }
        }

        return new self(
            $seconds,
            $trim->number('speed_mm_s'),
            $trim->number('handling_s'),
            Provenance::fromRecord($record->record('provenance')),
            Provenance::fromRecord($trim->record('provenance')),
        );
    }

    /** @throws BadRecord for a kind of step that only a clock times */
    public function of(StepKind $kind): Duration
    {
        return Duration::seconds(
            $this->seconds[$kind->value] ??
                throw BadRecord::at('hands.seconds.' . $kind->value, 'Nothing says how long this takes.'),
        );
    }

    /** Along a line of this length with scissors, and taking the sheet up and down. */
    public function cutting(float $lengthMm): Duration
    {
        return Duration::seconds($this->trimHandlingSeconds + $lengthMm / $this->trimMmPerSecond);
    }
}
