<?php

declare(strict_types=1);

namespace Wubbin\Core\Route;

use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Duration;
use Wubbin\Core\Measure\Length;
use Wubbin\Core\Measure\Provenance;
use Wubbin\Core\Measure\Record;

/** The figures of pressing a film with a hand iron, from setting the dial to peeling the backing. */
final readonly class IronRecipe
{
    /**
     * @param int<1, 3>               $dots the setting of the dial
     * @param array<string, PeelRule> $peel by the finish it gives
     */
    private function __construct(
        public int $dots,
        public Provenance $settingProvenance,
        public Duration $perAreaLeast,
        public Duration $perAreaMost,
        public Duration $perArea,
        public Duration $chestPictureLeast,
        public Length $chestPictureFrom,
        public Provenance $dwellProvenance,
        public float $sweepMmPerSecond,
        public Length $trimMargin,
        public float $trimMmPerSecond,
        public Duration $trimHandling,
        public Provenance $trimProvenance,
        private array $peel,
        public Provenance $peelProvenance,
    ) {
    }

    public static function fromRecord(Record $record): self
    {
        $iron = $record->record('iron');
        $dwell = $record->record('dwell');
        $perArea = $dwell->record('per_area_s');
        $trim = $record->record('trim');
        $peel = $record->record('peel');

        $dots = $iron->integer('dots');
        if ($dots < 1 || $dots > 3) {
            throw BadRecord::at('recipe.iron.dots', 'An iron has one, two or three dots.');
        }

        return new self(
            $dots,
            Provenance::fromRecord($iron->record('provenance')),
            Duration::seconds($perArea->number('from')),
            Duration::seconds($perArea->number('to')),
            Duration::seconds($perArea->number('plan')),
            Duration::seconds($dwell->number('chest_picture_least_s')),
            Length::mm($dwell->number('chest_picture_from_mm')),
            Provenance::fromRecord($dwell->record('provenance')),
            $record->record('sweep')->number('speed_mm_s'),
            Length::mm($trim->number('margin_mm')),
            $trim->number('speed_mm_s'),
            Duration::seconds($trim->number('handling_s')),
            Provenance::fromRecord($trim->record('provenance')),
            array_combine(
                array_map(static fn (Finish $f): string => $f->value, Finish::cases()),
                array_map(static fn (Finish $f): PeelRule => PeelRule::fromRecord($peel->record($f->value)), Finish::cases()),
            ),
            Provenance::fromRecord($peel->record('provenance')),
        );
    }

    public function peelFor(Finish $finish): PeelRule
    {
        return $this->peel[$finish->value];
    }
}
