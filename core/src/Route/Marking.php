<?php

declare(strict_types=1);

namespace Wubbin\Core\Route;

use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Provenance;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Measure\UnreadableQuantity;

/**
 * A printer or a pen, as far as the job cares. `marginMm` is the white edge its driver, or the
 * hand, leaves; `like` is the built-in one that it prints as.
 */
final readonly class Marking
{
    private function __construct(
        public string $id,
        public string $like,
        public string $label,
        public Technology $technology,
        public Ink $ink,
        public bool $colour,
        public float $marginMm,
        public Provenance $provenance,
    ) {
    }

    public static function fromRecord(Record $record): self
    {
        return new self(
            $record->string('id'),
            $record->string('id'),
            $record->string('label'),
            $record->enum('technology', Technology::class),
            $record->enum('ink', Ink::class),
            $record->boolean('colour'),
            $record->number('margin_mm'),
            Provenance::fromRecord($record->record('provenance')),
        );
    }

    /** A printer of a shop's own that prints as this one, with its own margin. */
    public function copiedAs(Record $own): self
    {
        $margin = $own->number('margin_mm');
        if ($margin < 0.0 || $margin > 50.0) {
            throw BadRecord::at('margin_mm', UnreadableQuantity::outOfRange('A margin', '0 mm', '50 mm (2 in)')->getMessage());
        }

        return new self($own->string('id'), $this->like, $own->words('label'), $this->technology, $this->ink, $this->colour, $margin, Provenance::person());
    }

    /** @return array{id: string, like: string, label: string, margin_mm: float} */
    public function toRecord(): array
    {
        return ['id' => $this->id, 'like' => $this->like, 'label' => $this->label, 'margin_mm' => $this->marginMm];
    }

    public function byHand(): bool
    {
        return Technology::Hand === $this->technology;
    }
}
