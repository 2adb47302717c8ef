<?php

declare(strict_types=1);

namespace Wubbin\Today;

use OpenApi\Attributes as OA;

/** A job whose next session can begin at the bench. */
#[OA\Schema]
final readonly class ReadyJob
{
    public function __construct(
        public string $id,
        public string $name,
        #[OA\Property(type: 'string', nullable: true, description: 'SHA-256 of its picture')] public ?string $artwork,
        #[OA\Property(description: 'Of the blank')] public string $colour,
        #[
            OA\Property(description: 'Pieces of the session: all that are left, as far as one session goes'),
        ]
        public int $pieces,
        #[OA\Property(description: 'Pieces of the job that nobody has begun')] public int $left,
        #[
            OA\Property(type: 'integer', nullable: true, description: 'Which of its sizes and colours'),
        ]
        public ?int $share,
        #[OA\Property(description: 'That size and colour; nothing where all are alike')] public string $of,
        #[OA\Property(type: 'string', nullable: true)] public ?string $due,
        #[OA\Property(description: 'Its sheets lie there printed, or it needs none')] public bool $printed,
    ) {}
}
