<?php

declare(strict_types=1);

namespace Wubbin\Day;

use OpenApi\Attributes as OA;

/** An order as it is to be, from the revision that the screen showed. */
#[OA\Schema]
final readonly class OrderChange
{
    public function __construct(
        public int $revision,
        public string $label,
        public string $due,
        public string $note,
        #[OA\Property(description: 'Put away, with its jobs')] public bool $archived,
    ) {}
}
