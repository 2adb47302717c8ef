<?php

declare(strict_types=1);

namespace Wubbin\Route;

use OpenApi\Attributes as OA;
use Wubbin\Core\Blank\BlankSize;

/** A size of a blank, with what a copy of it is told by. */
#[OA\Schema]
final readonly class SizeOption
{
    /** @param list<MeasureOption> $measures */
    private function __construct(
        public string $id,
        public string $label,
        #[OA\Property(description: 'The shop measured it itself')] public bool $own,
        #[OA\Property(type: 'array', items: new OA\Items(ref: MeasureOption::class))] public array $measures,
    ) {}

    public static function of(BlankSize $size): self
    {
        $needed = $size->shape->measures();

        return new self(
            $size->id,
            $size->label,
            $size->isOwn(),
            array_map(
                static fn(string $name): MeasureOption => MeasureOption::forMeasure(
                    $name,
                    in_array($name, $needed, true),
                    $size->measured()[$name] ?? 0.0,
                ),
                [...$needed, ...$size->shape->margins()],
            ),
        );
    }
}
