<?php

declare(strict_types=1);

namespace Wubbin\Ready;

use OpenApi\Attributes as OA;

/** A picture that was made ready. */
#[OA\Schema]
final readonly class ReadyMade
{
    public function __construct(
        public string $sha256,
        #[OA\Property(description: 'What the job is told as its field `ready`')] public string $ready,
    ) {}
}
