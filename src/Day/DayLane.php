<?php

declare(strict_types=1);

namespace Wubbin\Day;

use OpenApi\Attributes as OA;
use Wubbin\Core\Day\LaneKind;

/** A lane of the plan: hands, a machine, a place. */
#[OA\Schema]
final readonly class DayLane
{
    public function __construct(
        public LaneKind $kind,
        #[OA\Property(description: 'What it is called')] public string $name,
        #[OA\Property(description: 'Of so many alike, from 0')] public int $n,
        public int $of,
    ) {}
}
