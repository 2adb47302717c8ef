<?php

declare(strict_types=1);

namespace Wubbin\Proof;

use OpenApi\Attributes as OA;

/** What a customer said of a proof. */
#[OA\Schema]
final readonly class ProofAnswer
{
    public function __construct(
        #[OA\Property(enum: ['approved', 'remarks'])] public string $state,
        #[OA\Property(description: 'Who said so')] public string $by,
        public string $remarks = '',
    ) {}
}
