<?php

declare(strict_types=1);

namespace Wubbin\Proof;

use OpenApi\Attributes as OA;

/** What a customer was shown of a job. */
#[OA\Schema]
final readonly class ProofView
{
    public function __construct(
        public string $id,
        #[OA\Property(format: 'date-time')] public string $made,
        #[OA\Property(enum: ['shown', 'approved', 'remarks'])] public string $state,
        #[OA\Property(type: 'string', nullable: true)] public ?string $by,
        #[OA\Property(type: 'string', format: 'date-time', nullable: true)] public ?string $answered,
        public string $remarks,
        #[OA\Property(type: 'string', format: 'date', nullable: true)] public ?string $valid,
        #[OA\Property(description: 'Its last day has gone')] public bool $expired,
        #[OA\Property(description: 'The job is still as it was shown')] public bool $current,
        #[OA\Property(type: 'string', nullable: true, description: 'As it was written')] public ?string $price,
        #[OA\Property(description: 'Where its PDF is')] public string $url,
    ) {}
}
