<?php

declare(strict_types=1);

namespace Wubbin\Heat;

use OpenApi\Attributes as OA;
use Wubbin\Core\Measure\Provenance;
use Wubbin\Core\Route\Parameter;

/** A figure that the model stands on, with the range that it may have. */
#[OA\Schema]
final readonly class ParameterView
{
    private function __construct(
        public string $id,
        #[OA\Property(description: 'What it is a figure of, with its unit')] public string $label,
        public float $middle,
        public float $from,
        public float $to,
        #[OA\Property(description: 'How well it is known, in words')] public string $known,
        #[OA\Property(ref: './plan.schema.json#/$defs/Provenance')] public Provenance $provenance,
    ) {}

    public static function of(Parameter $parameter): self
    {
        return new self(
            $parameter->id,
            $parameter->label(),
            $parameter->middle,
            $parameter->from,
            $parameter->to,
            $parameter->provenance->kind->label(),
            $parameter->provenance,
        );
    }
}
