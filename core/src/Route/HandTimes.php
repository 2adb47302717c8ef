<?php

declare(strict_types=1);

namespace Wubbin\Core\Route;

use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Provenance;
use Wubbin\Core\Measure\Record;

/** How long hands need for what no recipe times. */
final readonly class HandTimes
{
    /** @param array<string, HandTime> $kinds by kind of step */
    private function __construct(
        private array $kinds,
        private float $trimMmPerSecond,
        private HandTime $trim,
        public Provenance $provenance,
        public Provenance $trimProvenance,
    ) {}

    /** @throws BadRecord where a kind of step has no time */
    public static function fromRecord(Record $record): self
    {
        $given = $record->record('kinds');
        $trim = $record->record('trim');
        $kinds = [];
        foreach (StepKind::cases() as $kind) {
            if ($given->has($kind->value)) {
                $kinds[$kind->value] = HandTime::fromRecord($given->record($kind->value));
            }
        }

        return new self(
            $kinds,
            $trim->number('speed_mm_s'),
            HandTime::fromRecord($trim),
            Provenance::fromRecord($record->record('provenance')),
            Provenance::fromRecord($trim->record('provenance')),
        );
    }

    /** @throws BadRecord for a kind of step that only a clock times */
    public function of(StepKind $kind): HandTime
    {
        return $this->kinds[$kind->value] ??
            throw BadRecord::at('hands.kinds.' . $kind->value, 'Nothing says how long this takes.');
    }

    /** Along a line of this length with scissors, and taking the sheet up and down. */
    public function cutting(float $lengthMm): HandTime
    {
        return new HandTime($this->trim->setupS, $this->trim->eachS + $lengthMm / $this->trimMmPerSecond);
    }
}
