<?php

declare(strict_types=1);

namespace Wubbin\Day;

use OpenApi\Attributes as OA;

/** When something is to begin. */
#[OA\Schema]
final readonly class NewPin
{
    public function __construct(
        public string $activity,
        #[OA\Property(format: 'date')] public string $day,
        #[OA\Property(description: 'As typed, such as 14:30; nothing lets it go')] public string $time,
    ) {}
}
