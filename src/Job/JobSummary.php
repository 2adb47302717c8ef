<?php

declare(strict_types=1);

namespace Wubbin\Job;

use OpenApi\Attributes as OA;

/** A line of the job list. */
#[OA\Schema]
final readonly class JobSummary
{
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
    ) {}
}
