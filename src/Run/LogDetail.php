<?php

declare(strict_types=1);

namespace Wubbin\Run;

use OpenApi\Attributes as OA;

/** One piece of the logbook in full: how it came out, what was planned, and how long things really took. */
#[OA\Schema(required: ['entry', 'plan', 'times'])]
final readonly class LogDetail
{
    /**
     * @param array<string, mixed> $plan
     * @param list<StepTime>       $times of the piece's own steps and of those shared by the session
     */
    public function __construct(
        #[OA\Property]
        public LogEntry $entry,
        #[OA\Property(ref: './plan.schema.json', type: 'object')]
        public array $plan,
        #[OA\Property(type: 'array', items: new OA\Items(ref: StepTime::class))]
        public array $times,
    ) {
    }
}
