<?php

declare(strict_types=1);

namespace Wubbin\Route;

use OpenApi\Attributes as OA;
use Wubbin\Core\Blank\BlankKind;
use Wubbin\Core\Blank\BlankSize;
use Wubbin\Core\Blank\Condition;
use Wubbin\Core\Route\Catalogue;

/** A kind of blank with what can be chosen of it; the first of each is usual. */
#[OA\Schema(required: ['id', 'label', 'sizes', 'materials', 'conditions', 'measures'])]
final readonly class BlankOption
{
    private const MEASURES = ['chest_mm' => 'Across the chest', 'length_mm' => 'Collar to hem', 'width_mm' => 'Width', 'height_mm' => 'Height', 'diameter_mm' => 'Across (8 cm), or 25 cm round'];

    /**
     * @param list<Option> $sizes
     * @param list<Option> $materials
     * @param list<Option> $conditions
     * @param list<Option> $measures   that a copy of one of its sizes is told by
     */
    private function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $label,
        #[OA\Property(type: 'array', items: new OA\Items(ref: Option::class))]
        public array $sizes,
        #[OA\Property(type: 'array', items: new OA\Items(ref: Option::class))]
        public array $materials,
        #[OA\Property(type: 'array', items: new OA\Items(ref: Option::class))]
        public array $conditions,
        #[OA\Property(type: 'array', items: new OA\Items(ref: Option::class))]
        public array $measures,
    ) {
    }

    /** @param array<string, BlankSize> $own of the shop's own, what is on the shelf */
    public static function of(BlankKind $kind, Catalogue $catalogue, array $own): self
    {
        return new self(
            $kind->id,
            $kind->label,
            array_values(array_map(static fn (BlankSize $size): Option => new Option($size->id, $size->label), $kind->with($own)->sizes)),
            array_map(static fn (string $id): Option => new Option($id, $catalogue->materials[$id]->label), $kind->materials),
            array_map(static fn (Condition $condition): Option => new Option($condition->value, $condition->label()), $kind->conditions),
            array_map(static fn (string $name): Option => new Option(str_replace('_mm', '', $name), self::MEASURES[$name]), $kind->shape->measures()),
        );
    }
}
