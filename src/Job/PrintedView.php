<?php

declare(strict_types=1);

namespace Wubbin\Job;

use OpenApi\Attributes as OA;

/** The sheet that was last made for a job, and whether the job still is what it was then. */
#[OA\Schema]
final readonly class PrintedView
{
    public function __construct(
        #[OA\Property(description: 'The plan’s id, as it stands on the sheet')] public string $plan,
        #[OA\Property(format: 'date-time')] public string $at,
        public bool $current,
    ) {}
}
