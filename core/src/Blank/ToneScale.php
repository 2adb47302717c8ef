<?php

declare(strict_types=1);

namespace Wubbin\Core\Blank;

use Wubbin\Core\Measure\Colour;
use Wubbin\Core\Measure\Provenance;
use Wubbin\Core\Measure\Record;

/** Where one tone ends and the next begins, on CIE L* from 0 to 100. */
final readonly class ToneScale
{
    private function __construct(
        private float $whiteFrom,
        private float $veryLightFrom,
        private float $midFrom,
        public Provenance $provenance,
    ) {}

    public static function fromRecord(Record $record): self
    {
        return new self(
            $record->number('white_from'),
            $record->number('very_light_from'),
            $record->number('mid_from'),
            Provenance::fromRecord($record->record('provenance')),
        );
    }

    public function toneOf(Colour $colour): Tone
    {
        $lightness = $colour->lightness();

        return match (true) {
            $lightness >= $this->whiteFrom => Tone::White,
            $lightness >= $this->veryLightFrom => Tone::VeryLight,
            $lightness >= $this->midFrom => Tone::Mid,
            default => Tone::Dark,
        };
    }
}
