<?php

declare(strict_types=1);

namespace Wubbin\Job;

use OpenApi\Attributes as OA;

/** What is to become of several jobs at once. */
#[OA\Schema]
final readonly class ManyJobs
{
    public const MOST = 500;

    /** @param list<string> $jobs */
    public function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'), description: 'Ids')] public array $jobs,
        #[
            OA\Property(description: 'Put away, taken out again, or copied', enum: ['archive', 'bring-back', 'copy']),
        ]
        public string $do,
    ) {}
}
