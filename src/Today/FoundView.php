<?php

declare(strict_types=1);

namespace Wubbin\Today;

use OpenApi\Attributes as OA;

/** Something that has the words that were looked for. */
#[OA\Schema]
final readonly class FoundView
{
    public function __construct(
        #[OA\Property(enum: ['job', 'order', 'quote', 'recipe', 'picture', 'entry'])] public string $kind,
        public string $id,
        public string $title,
        #[OA\Property(description: 'When it was made or changed', format: 'date-time')] public string $at,
    ) {}
}
