<?php

declare(strict_types=1);

namespace Wubbin\Route;

use OpenApi\Attributes as OA;
use Wubbin\Core\Blank\BlankKind;
use Wubbin\Core\Blank\BlankSize;
use Wubbin\Core\Blank\Condition;
use Wubbin\Core\Route\Catalogue;

/** A kind of blank with what can be chosen of it; the first of each is usual. */
#[OA\Schema]
final readonly class BlankOption
{
    /**
     * @param list<SizeOption> $sizes
     * @param list<Option> $materials
     * @param list<Option> $conditions
     * @param list<Option> $sides
     * @param list<Option> $traced_sides
     */
    private function __construct(
        public string $id,
        public string $label,
        #[OA\Property(type: 'array', items: new OA\Items(ref: SizeOption::class))] public array $sizes,
        #[OA\Property(type: 'array', items: new OA\Items(ref: Option::class))] public array $materials,
        #[OA\Property(type: 'array', items: new OA\Items(ref: Option::class))] public array $conditions,
        #[OA\Property(type: 'array', items: new OA\Items(ref: Option::class))] public array $sides,
        #[
            OA\Property(
                type: 'array',
                items: new OA\Items(ref: Option::class),
                description: 'Those whose outline can be traced from a photo; none of what is round',
            ),
        ]
        public array $traced_sides,
    ) {}

    /** @param array<string, BlankSize> $own of the shop's own, what is on the shelf */
    public static function fromKind(BlankKind $kind, Catalogue $catalogue, array $own): self
    {
        return new self(
            $kind->id,
            $kind->label,
            array_values(array_map(SizeOption::of(...), $kind->with($own)->sizes)),
            array_map(
                static fn(string $id): Option => new Option($id, $catalogue->materials[$id]->label),
                $kind->materials,
            ),
            array_map(
                static fn(Condition $condition): Option => new Option($condition->value, $condition->label()),
                $kind->conditions,
            ),
            Option::all($kind->sides),
            Option::all($kind->tracedSides()),
        );
    }
}
