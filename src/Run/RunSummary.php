<?php

declare(strict_types=1);

namespace Wubbin\Run;

use OpenApi\Attributes as OA;

/** A line of the list of bench sessions. */
#[OA\Schema(required: ['id', 'job', 'name', 'pieces', 'judged', 'created', 'finished'])]
final readonly class RunSummary
{
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public string $job,
        #[OA\Property] public string $name,
        #[OA\Property] public int $pieces,
        #[OA\Property] public int $judged,
        #[OA\Property(format: 'date-time')] public string $created,
        #[OA\Property(type: 'string', format: 'date-time', nullable: true)] public ?string $finished,
    ) {}
}
