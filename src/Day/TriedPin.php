<?php

declare(strict_types=1);

namespace Wubbin\Day;

use OpenApi\Attributes as OA;

/** What giving something a time would cost, before anybody has given it. */
#[OA\Schema]
final readonly class TriedPin
{
    /** @param list<PushedView> $pushed */
    public function __construct(
        #[OA\Property(description: 'When it would begin, in seconds since 1970')] public int $begins,
        #[OA\Property(description: 'When all would be over')] public int $finish,
        #[
            OA\Property(description: 'Jobs that would be over later, what would become late in front'),
        ]
        public array $pushed,
    ) {}
}
