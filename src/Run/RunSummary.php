<?php

declare(strict_types=1);

namespace Wubbin\Run;

use OpenApi\Attributes as OA;

/** A line of the list of bench sessions. */
#[OA\Schema]
final readonly class RunSummary
{
    public function __construct(
        public string $id,
        public string $job,
        public string $name,
        public int $pieces,
        public int $judged,
        #[OA\Property(format: 'date-time')] public string $created,
        #[OA\Property(type: 'string', format: 'date-time', nullable: true)] public ?string $finished,
    ) {}
}
