<?php

declare(strict_types=1);

namespace Wubbin\Session;

use OpenApi\Attributes as OA;
use Wubbin\Core\Run\Deviation;

/** What a step was planned to take and what the clock says it took, in seconds. */
#[OA\Schema]
final readonly class StepTime
{
    public function __construct(
        #[OA\Property(description: 'Id of the step in the plan')] public string $step,
        public string $kind,
        public float $planned,
        #[
            OA\Property(
                type: 'number',
                nullable: true,
                description: 'Null where no clock was started, or the step was left out',
            ),
        ]
        public ?float $taken,
        #[
            OA\Property(
                type: 'string',
                nullable: true,
                enum: ['shorter', 'longer'],
                description: 'Where it was not as planned',
            ),
        ]
        public ?Deviation $off,
    ) {}
}
