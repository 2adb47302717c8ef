<?php

declare(strict_types=1);

namespace Wubbin\Log;

use OpenApi\Attributes as OA;

/** How it had washed when somebody looked again. */
#[OA\Schema]
final readonly class LaterLook
{
    public function __construct(
        public int $id,
        #[OA\Property(format: 'date-time')] public string $at,
        public int $washes,
        public bool $good,
        public string $note,
    ) {}
}
