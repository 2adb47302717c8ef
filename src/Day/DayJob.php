<?php

declare(strict_types=1);

namespace Wubbin\Day;

use OpenApi\Attributes as OA;

/** When a job is done. */
#[OA\Schema]
final readonly class DayJob
{
    public function __construct(
        public string $id,
        public string $name,
        public int $end,
        public ?int $due,
        public int $late_s,
    ) {}
}
