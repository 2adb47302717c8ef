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
        public float $middle,
        public float $from,
        public float $to,
        #[OA\Property(ref: './plan.schema.json#/$defs/Provenance')] public Provenance $provenance,
    ) {}

    public static function of(Parameter $parameter): self
    {
        return new self($parameter->id, $parameter->middle, $parameter->from, $parameter->to, $parameter->provenance);
    }
}
