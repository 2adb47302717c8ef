<?php

declare(strict_types=1);

namespace Wubbin\Sheet;

use OpenApi\Attributes as OA;

/** What was seen on the sheet of a feed test. */
#[OA\Schema]
final readonly class FeedAnswers
{
    public function __construct(
        #[OA\Property(description: 'The print is on the side with the pencil arrow')] public bool $on_pencil,
        #[OA\Property(description: 'The X is at the end that went in first')] public bool $far,
        #[
            OA\Property(description: 'Seen so that that end is away from the person, the X is to the left'),
        ]
        public bool $left,
        public bool $reads_right,
    ) {}
}
