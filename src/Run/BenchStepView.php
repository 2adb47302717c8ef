<?php

declare(strict_types=1);

namespace Wubbin\Run;

use OpenApi\Attributes as OA;

#[OA\Schema(required: ['step', 'piece', 'timed', 'seconds'])]
final readonly class BenchStepView
{
    public function __construct(
        #[OA\Property(description: 'Id of the step in the plan')] public string $step,
        #[OA\Property(type: 'integer', nullable: true)] public ?int $piece,
        #[OA\Property] public bool $timed,
        #[OA\Property] public float $seconds,
    ) {}
}
