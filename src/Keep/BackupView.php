<?php

declare(strict_types=1);

namespace Wubbin\Keep;

use OpenApi\Attributes as OA;

/** One backup of the shop. */
#[OA\Schema]
final readonly class BackupView
{
    public function __construct(
        public string $name,
        #[OA\Property(format: 'date-time')] public string $made,
        #[OA\Property(description: 'In bytes')] public int $size,
    ) {}
}
