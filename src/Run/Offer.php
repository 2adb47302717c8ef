<?php

declare(strict_types=1);

namespace Wubbin\Run;

use OpenApi\Attributes as OA;

/** What is left of a job, and the sessions that it is made in. */
#[OA\Schema]
final readonly class Offer
{
    /**
     * @param list<int> $lots
     * @param list<int> $shares
     */
    public function __construct(
        #[OA\Property(description: 'Pieces that came out good')] public int $good,
        #[OA\Property(description: 'Pieces at the bench that are not judged yet')] public int $in_hand,
        #[
            OA\Property(description: 'Pieces that nobody has begun, and those that have to be made again'),
        ]
        public int $left,
        #[OA\Property(description: 'Pieces of each session, whole sheets to each')] public array $lots,
        #[
            OA\Property(
                description: 'Pieces left of each of its sizes and colours',
                items: new OA\Items(type: 'integer'),
            ),
        ]
        public array $shares,
    ) {}
}
