<?php

declare(strict_types=1);

namespace Wubbin\Core\Route;

use Wubbin\Core\Measure\Provenance;
use Wubbin\Core\Measure\Record;

/** One complete way from picture to blank, as the reference data has it. */
final readonly class Route
{
    /**
     * @param string $noun what it leaves on a blank
     * @param array<string, Figure> $figures
     * @param list<StepRule> $steps in the order of work
     * @param list<Variant> $variants
     */
    private function __construct(
        public string $id,
        public string $label,
        public string $noun,
        public Making $making,
        public Heating $heating,
        public Stacking $stacking,
        public Suiting $suiting,
        public Character $character,
        public array $figures,
        public array $steps,
        private array $variants,
    ) {}

    public static function fromRecord(Record $record): self
    {
        $common = Provenance::fromRecord($record->record('figures')->record('provenance'));
        $figures = [];
        foreach ($record->recordMap('figures') as $id => $figure) {
            if ('provenance' !== $id) {
                $figures[$id] = Figure::fromRecord($id, $figure, $common);
            }
        }

        return new self(
            $record->string('id'),
            $record->string('label'),
            $record->string('noun'),
            Making::fromRecord($record),
            Heating::fromRecord($record),
            Stacking::fromRecord($record),
            Suiting::fromRecord($record),
            Character::fromRecord($record),
            $figures,
            array_map(StepRule::fromRecord(...), $record->records('steps')),
            array_map(Variant::fromRecord(...), $record->records('variants')),
        );
    }

    /**
     * @param array<string, string> $circumstances
     *
     * @return array<string, Figure> as they are under these
     */
    public function figuresUnder(array $circumstances): array
    {
        $figures = $this->figures;
        foreach ($this->variantsUnder($circumstances) as $variant) {
            $figures = array_diff_key([...$figures, ...$variant->figures], array_flip($variant->without));
        }

        return $figures;
    }

    /** @param array<string, string> $circumstances */
    public function peelUnder(array $circumstances, Finish $finish): PeelRule
    {
        $peel = $this->heating->finishes[$finish->value];
        foreach ($this->variantsUnder($circumstances) as $variant) {
            $peel = $variant->finishes[$finish->value] ?? $peel;
        }

        return $peel;
    }

    /**
     * @param array<string, string> $circumstances
     *
     * @return list<Variant>
     */
    private function variantsUnder(array $circumstances): array
    {
        return array_values(
            array_filter($this->variants, static fn(Variant $variant): bool => $variant->when->holds($circumstances)),
        );
    }
}
