<?php

declare(strict_types=1);

namespace Wubbin\Sheet\Printing;

use OpenApi\Attributes as OA;

/** What of a picture its printer cannot print. */
#[OA\Schema]
final readonly class ReachView
{
    public function __construct(
        #[
            OA\Property(type: 'string', nullable: true, description: 'The file of its colour profile; null for none'),
        ]
        public ?string $profile,
        #[OA\Property(description: 'Of what is seen of the picture, 0 to 1')] public float $share,
        #[
            OA\Property(description: 'A PNG to lay over the picture, as a data address; empty for none'),
        ]
        public string $image,
    ) {}
}
