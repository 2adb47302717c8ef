<?php

declare(strict_types=1);

namespace Wubbin\Job;

use OpenApi\Attributes as OA;

/** One step over all pieces of a job. */
#[OA\Schema]
final readonly class WorkLineView
{
    public function __construct(
        #[OA\Property(description: 'Id of the step in the plan')] public string $step,
        public string $kind,
        #[OA\Property(description: 'How often it is done')] public int $goes,
        #[OA\Property(description: 'Sheets or pieces that pass through the hands')] public int $count,
        #[OA\Property(description: 'The most in one go')] public int $at_once,
        #[OA\Property(description: 'Seconds of hands, all together')] public int $hands_s,
        #[OA\Property(description: 'Seconds that it goes on for without them, once')] public int $wait_s,
    ) {}
}
