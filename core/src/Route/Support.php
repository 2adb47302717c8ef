<?php

declare(strict_types=1);

namespace Wubbin\Core\Route;

use Wubbin\Core\Measure\Record;

/** What lies beneath, inside or over the work: a base, a guard or a cover sheet. */
final readonly class Support
{
    /** What a flat press brings with it. */
    public const PRESS_PAD = 'press-pad';

    private function __construct(
        public string $id,
        public string $like,
        public string $label,
        public bool $hard,
        public float $thicknessMm,
        public Hatch $hatch,
    ) {}

    public static function fromRecord(Record $record): self
    {
        return new self(
            $record->string('id'),
            $record->string('id'),
            $record->string('label'),
            $record->boolean('hard'),
            $record->number('thickness_mm'),
            $record->enum('hatch', Hatch::class),
        );
    }

    /** One of a shop's own that serves as this one, with its own thickness. */
    public function copiedAs(Record $own): self
    {
        return new self(
            $own->string('id'),
            $this->like,
            $own->words('label'),
            $this->hard,
            OwnThing::thickness($own),
            $this->hatch,
        );
    }

    /** @return array{id: string, like: string, label: string, thickness_mm: float} */
    public function toRecord(): array
    {
        return [
            'id' => $this->id,
            'like' => $this->like,
            'label' => $this->label,
            'thickness_mm' => $this->thicknessMm,
        ];
    }
}
