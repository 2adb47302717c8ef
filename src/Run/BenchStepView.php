<?php

declare(strict_types=1);

namespace Wubbin\Run;

use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class BenchStepView
{
    /** @param list<int> $pieces */
    public function __construct(
        #[OA\Property(description: 'Id of the step in the plan')] public string $step,
        public array $pieces,
        #[OA\Property(description: 'It is done to sheets, or for all')] public bool $shared,
        public bool $timed,
        public float $seconds,
    ) {}
}
