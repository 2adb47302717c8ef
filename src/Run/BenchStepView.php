<?php

declare(strict_types=1);

namespace Wubbin\Run;

use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class BenchStepView
{
    public function __construct(
        #[OA\Property(description: 'Id of the step in the plan')] public string $step,
        public ?int $piece,
        public bool $timed,
        public float $seconds,
    ) {}
}
