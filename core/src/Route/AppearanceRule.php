<?php

declare(strict_types=1);

namespace Wubbin\Core\Route;

use Wubbin\Core\Measure\Provenance;
use Wubbin\Core\Measure\Record;

/** How pictures of a route look on the way: what nobody expects who does not know it. */
final readonly class AppearanceRule
{
    /**
     * @param array<string, float> $gaps the part of the ink that does not come down, by material or by `rough` for
     *                                   any that is
     * @param float $grainMm about how large the gaps are
     */
    private function __construct(
        public float $dull,
        public string $dullWords,
        public float $milky,
        public string $milkyLabel,
        public string $milkyWords,
        private array $gaps,
        public float $grainMm,
        public string $gapsWords,
        public Provenance $provenance,
    ) {}

    public static function none(): self
    {
        return new self(0.0, '', 0.0, '', '', [], 0.0, '', Provenance::computed());
    }

    public static function fromRecord(Record $record): self
    {
        $sheet = $record->recordOrNull('sheet');
        $before = $record->recordOrNull('before');
        $worn = $record->recordOrNull('worn');
        $gaps = [];
        foreach ($worn?->record('gaps')->keys() ?? [] as $where) {
            $gaps[$where] = $worn?->record('gaps')->number($where) ?? 0.0;
        }

        return new self(
            $sheet?->number('dull') ?? 0.0,
            $sheet?->string('words') ?? '',
            $before?->number('milky') ?? 0.0,
            $before?->string('label') ?? '',
            $before?->string('words') ?? '',
            $gaps,
            $worn?->number('grain_mm') ?? 0.0,
            $worn?->string('words') ?? '',
            Provenance::fromRecord($record->record('provenance')),
        );
    }

    public function gapsOn(string $materialId, bool $rough): float
    {
        return max($this->gaps[$materialId] ?? 0.0, $rough ? $this->gaps['rough'] ?? 0.0 : 0.0);
    }
}
