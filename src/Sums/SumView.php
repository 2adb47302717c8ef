<?php

declare(strict_types=1);

namespace Wubbin\Sums;

use OpenApi\Attributes as OA;
use Wubbin\Core\Measure\Units;
use Wubbin\Core\Sums\Given;
use Wubbin\Core\Sums\Sum;
use Wubbin\Core\Sums\SumField;

/** A quick sum, with what it asks for. */
#[OA\Schema]
final readonly class SumView
{
    /** @param list<SumFieldView> $fields */
    private function __construct(
        public string $id,
        public string $label,
        public string $says,
        #[OA\Property(type: 'array', items: new OA\Items(ref: SumFieldView::class))] public array $fields,
    ) {}

    public static function of(Sum $sum, Given $given, Units $units): self
    {
        return new self(
            $sum->id(),
            $sum->label(),
            $sum->says(),
            array_map(
                static fn(SumField $field): SumFieldView => SumFieldView::of($field, $units),
                $sum->fields($given),
            ),
        );
    }
}
