<?php

declare(strict_types=1);

namespace Wubbin\Core\Blank;

use Wubbin\Core\Measure\Provenance;
use Wubbin\Core\Measure\Record;

/** A kind of thing to press onto. The first size, material and condition are what it usually is. */
final readonly class BlankKind
{
    /**
     * @param string $from what a picture's upper edge is measured from
     * @param list<string> $materials ids
     * @param list<Condition> $conditions
     * @param array<string, BlankSize> $sizes
     * @param array<string, string> $sides the sides that pictures go on, in words by id; a round thing is one
     *                                     side, unrolled
     * @param bool $hollow it has a front and a back that colour can go through to
     * @param float $wallMm thickness of what lies under the picture
     */
    private function __construct(
        public string $id,
        public string $label,
        public Shape $shape,
        public string $from,
        public array $materials,
        public array $conditions,
        public array $sizes,
        public array $sides,
        public bool $hollow,
        public float $wallMm,
        public Provenance $provenance,
    ) {}

    public static function fromRecord(Record $record, Provenance $provenance): self
    {
        $shape = $record->enum('shape', Shape::class);
        $sizes = [];
        foreach ($record->records('sizes') as $size) {
            $sizes[$size->string('id')] = BlankSize::fromRecord($size, $shape);
        }

        return new self(
            $record->string('id'),
            $record->string('label'),
            $shape,
            $record->string('from'),
            $record->strings('materials'),
            array_map(Condition::from(...), $record->strings('conditions')),
            $sizes,
            $record->record('sides')->stringMap(),
            $record->boolean('hollow'),
            $record->number('wall_mm'),
            $provenance,
        );
    }

    /**
     * @return array<string, string> the sides whose outline can be traced from a photo of it lying flat, in words by id
     */
    public function tracedSides(): array
    {
        return $this->shape->isRound()
            ? []
            : array_filter(
                $this->sides,
                static fn(string $id): bool => !str_ends_with($id, BlankSize::SLEEVE),
                \ARRAY_FILTER_USE_KEY,
            );
    }

    /** @param array<string, BlankSize> $own sizes of a shop's own; those that are like one of these come after them */
    public function with(array $own): self
    {
        $sizes = $this->sizes + array_filter($own, fn(BlankSize $size): bool => isset($this->sizes[$size->like]));

        return new self(
            $this->id,
            $this->label,
            $this->shape,
            $this->from,
            $this->materials,
            $this->conditions,
            $sizes,
            $this->sides,
            $this->hollow,
            $this->wallMm,
            $this->provenance,
        );
    }
}
