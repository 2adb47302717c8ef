<?php

declare(strict_types=1);

namespace Wubbin\Core\Route;

use Wubbin\Core\Blank\Condition;
use Wubbin\Core\Blank\Material;
use Wubbin\Core\Blank\Surface;
use Wubbin\Core\Blank\Tone;
use Wubbin\Core\Measure\Record;

/** Which blanks a route suits, and why not the others. */
final readonly class Suiting
{
    /**
     * @param string $label the route's own
     * @param string $noun what it leaves on a blank
     * @param list<Surface> $surfaces it takes on
     * @param array<string, Verdict> $refuses by surface
     * @param array<string, Verdict> $blanks on a kind of blank, whatever it is made of, by its id
     * @param array<string, Verdict> $tones by tone; a tone that is not named is fine
     * @param array<string, string> $materialNotes by material
     */
    private function __construct(
        private string $label,
        private string $noun,
        private array $surfaces,
        private array $refuses,
        private array $blanks,
        private array $tones,
        private ?Verdict $rough,
        public array $materialNotes,
    ) {}

    public static function fromRecord(Record $record): self
    {
        return new self(
            $record->string('label'),
            $record->string('noun'),
            array_map(Surface::from(...), $record->strings('surfaces')),
            array_map(Verdict::fromRecord(...), $record->recordMap('refuses')),
            array_map(Verdict::fromRecord(...), $record->recordMap('blanks')),
            array_map(Verdict::fromRecord(...), $record->recordMap('tones')),
            $record->has('rough') ? Verdict::fromRecord($record->record('rough')) : null,
            $record->recordOrNull('materials')?->stringMap() ?? [],
        );
    }

    /** Whether it takes on what the blank is made of, and on a blank of this kind at all. */
    public function verdictOnSurface(string $blankKindId, Material $material): Verdict
    {
        $onBlank = $this->blanks[$blankKindId] ?? null;
        $onMaterial = match (true) {
            in_array($material->surface, $this->surfaces, true) => new Verdict(
                Fit::Good,
                sprintf('%s takes the %s.', ucfirst($material->label), $this->noun),
            ),
            default => $this->refuses[$material->surface->value] ??
                new Verdict(
                    Fit::Bad,
                    $material->refused ?? sprintf('%s is not made for %s.', ucfirst($this->label), $material->label),
                ),
        };

        return null !== $onBlank && (Fit::Good === $onMaterial->fit || Fit::Impossible === $onBlank->fit)
            ? $onBlank
            : $onMaterial;
    }

    public function verdictOnTone(Tone $tone): Verdict
    {
        return $this->tones[$tone->value] ?? new Verdict(Fit::Good, 'The colour of the piece suits it.');
    }

    public function verdictOnCondition(Condition $condition): Verdict
    {
        return Condition::Rough === $condition && null !== $this->rough
            ? $this->rough
            : new Verdict(Fit::Good, 'The surface suits it.');
    }
}
