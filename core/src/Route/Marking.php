<?php

declare(strict_types=1);

namespace Wubbin\Core\Route;

use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\PaperSize;
use Wubbin\Core\Measure\Provenance;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Measure\UnreadableQuantity;

/**
 * A printer or a pen, as far as the job cares. `marginMm` is the white edge its driver, or the
 * hand, leaves; `like` is the built-in one that it prints as; `usualFeed` how printers of its kind usually feed.
 */
final readonly class Marking
{
    /** Nothing is printed or drawn: the sheet is used as it is, white film or a patterned napkin. */
    public const UNPRINTED = 'unprinted';

    private function __construct(
        public string $id,
        public string $like,
        public string $label,
        public Technology $technology,
        public Ink $ink,
        public bool $colour,
        public float $marginMm,
        public ?Printer $printer,
        public ?Feed $usualFeed,
        public Provenance $provenance,
    ) {}

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
            $record->has('largest') ? Printer::untried($record->enum('largest', PaperSize::class)) : null,
            $record->has('feed') ? Feed::fromRecord($record->record('feed')) : null,
            Provenance::fromRecord($record->record('provenance')),
        );
    }

    /** A printer of a shop's own that prints as this one, with its own margin. */
    public function copiedAs(Record $own): self
    {
        $margin = $own->number('margin_mm');
        if ($margin < 0.0 || $margin > 50.0) {
            throw BadRecord::at(
                'margin_mm',
                UnreadableQuantity::outOfRange('A margin', '0 mm', '50 mm (2 in)')->getMessage(),
            );
        }

        return new self(
            $own->string('id'),
            $this->like,
            $own->words('label'),
            $this->technology,
            $this->ink,
            $this->colour,
            $margin,
            $this->printer,
            $this->usualFeed,
            Provenance::person(),
        );
    }

    /**
     * As it stands in a shop: with its trays and where it mirrors.
     *
     * @throws BadRecord for a pen, which has none
     */
    public function setUpAs(Printer $printer): self
    {
        if (null === $this->printer) {
            throw BadRecord::at('printer', sprintf('%s has no trays: it is held in a hand.', ucfirst($this->label)));
        }

        return new self(
            $this->id,
            $this->like,
            $this->label,
            $this->technology,
            $this->ink,
            $this->colour,
            $this->marginMm,
            $printer,
            $this->usualFeed,
            $this->provenance,
        );
    }

    public function mirrorsInDriver(): bool
    {
        return MirrorsIn::Driver === $this->printer?->mirrors;
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
