<?php

declare(strict_types=1);

namespace Wubbin\Keep;

use OpenApi\Attributes as OA;

/** One thing that is wrong, and what mends it. */
#[OA\Schema]
final readonly class ConditionLine
{
    public function __construct(
        #[OA\Property(enum: ['backup', 'disk', 'left-out'])] public string $id,
        public string $text,
        public string $mend,
    ) {}
}
