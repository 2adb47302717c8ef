<?php

declare(strict_types=1);

namespace Wubbin\Today;

use OpenApi\Attributes as OA;

/** Something that dries, cools or soaks, until when. */
#[OA\Schema]
final readonly class WaitingThing
{
    public function __construct(
        public string $id,
        #[OA\Property(description: 'Of the job')] public string $name,
        public string $what,
        public int $count,
        #[OA\Property(description: 'In seconds since 1970')] public int $until,
        #[
            OA\Property(type: 'string', nullable: true, description: 'The session that it belongs to'),
        ]
        public ?string $run,
    ) {}
}
