<?php

declare(strict_types=1);

namespace Wubbin\Job;

use OpenApi\Attributes as OA;

/** One stage of a job, as far as it is. */
#[OA\Schema]
final readonly class JobStage
{
    public function __construct(
        #[OA\Property(enum: ['picture', 'checked', 'printed', 'pressed', 'finished', 'handed'])] public string $id,
        public string $label,
        public int $count,
        public int $of,
    ) {}
}
