<?php

declare(strict_types=1);

namespace Wubbin\Sums;

use OpenApi\Attributes as OA;
use Wubbin\Core\Measure\Units;
use Wubbin\Core\Sums\SumField;
use Wubbin\Route\Option;

/** A figure that a quick sum asks for. */
#[OA\Schema]
final readonly class SumFieldView
{
    /** @param list<Option> $choices */
    private function __construct(
        public string $id,
        public string $label,
        #[OA\Property(description: 'What stands in it at first')] public string $value,
        #[
            OA\Property(type: 'array', items: new OA\Items(ref: Option::class), description: 'Empty where it is typed'),
        ]
        public array $choices,
        #[OA\Property(description: 'Fields of the same name stand for each other')] public ?string $either,
        public ?string $hint,
    ) {}

    public static function of(SumField $field, Units $units): self
    {
        return new self(
            $field->id,
            $field->label,
            $field->usual[Units::Metric === $units ? 0 : 1] ?? '',
            Option::all($field->choices),
            $field->either,
            $field->hint,
        );
    }
}
