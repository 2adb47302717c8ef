<?php

declare(strict_types=1);

namespace Wubbin\Job;

use OpenApi\Attributes as OA;

/** A line of the job list. */
#[
    OA\Schema(
        required: [
            'id',
            'name',
            'quantity',
            'due',
            'blank',
            'colour',
            'artwork',
            'ready',
            'printable',
            'open',
            'good',
            'updated',
        ],
    ),
]
final readonly class JobSummary
{
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public string $name,
        #[OA\Property] public int $quantity,
        #[OA\Property(type: 'string', nullable: true)] public ?string $due,
        #[OA\Property] public string $blank,
        #[OA\Property] public string $colour,
        #[OA\Property(type: 'string', nullable: true)] public ?string $artwork,
        #[OA\Property] public bool $ready,
        #[OA\Property(description: 'Its sheets may go to the printer')] public bool $printable,
        #[OA\Property(description: 'How many checks still stand against it')] public int $open,
        #[OA\Property(description: 'Pieces that came out good')] public int $good,
        #[OA\Property(format: 'date-time')] public string $updated,
    ) {}
}
