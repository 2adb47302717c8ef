<?php

declare(strict_types=1);

namespace Wubbin\Day;

use OpenApi\Attributes as OA;

/** What it means for the plan that a machine or somebody is not there. */
#[OA\Schema]
final readonly class AbsenceView
{
    /**
     * @param list<string> $late
     * @param list<OutlookMend> $mends
     */
    public function __construct(
        #[
            OA\Property(
                type: 'array',
                items: new OA\Items(type: 'string'),
                description: 'Names of jobs that are late now and were not before',
            ),
        ]
        public array $late,
        #[OA\Property(description: 'What would help, the best first')] public array $mends,
    ) {}
}
