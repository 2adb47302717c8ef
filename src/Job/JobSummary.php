<?php

declare(strict_types=1);

namespace Wubbin\Job;

use OpenApi\Attributes as OA;

/** A line of the job list. */
#[OA\Schema]
final readonly class JobSummary
{
    /** @param list<JobStage> $stages as far as they are */
    public function __construct(
        public string $id,
        public string $name,
        public int $quantity,
        public ?string $due,
        public string $blank,
        public string $colour,
        public ?string $artwork,
        public bool $ready,
        #[OA\Property(description: 'Its sheets may go to the printer')] public bool $printable,
        #[OA\Property(description: 'How many checks still stand against it')] public int $open,
        #[OA\Property(description: 'Pieces that came out good')] public int $good,
        #[OA\Property(format: 'date-time')] public string $updated,
        #[OA\Property(description: 'Its day is over, and it is not done')] public bool $late,
        public array $stages,
        public ?JobOrder $order,
    ) {}
}
