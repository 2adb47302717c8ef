<?php

declare(strict_types=1);

namespace Wubbin\Proof;

use OpenApi\Attributes as OA;

/** What a proof is to hold beside the pieces. */
#[OA\Schema]
final readonly class ProofWish
{
    public function __construct(
        #[OA\Property(description: 'For whom it is; may be empty')] public string $for = '',
        #[
            OA\Property(description: 'The price of all pieces as it was typed; empty for none'),
        ]
        public string $price = '',
        #[OA\Property(description: 'The last day, as YYYY-MM-DD; empty for none')] public string $valid = '',
        #[OA\Property(description: 'A sentence for the customer; may be empty')] public string $words = '',
    ) {}
}
