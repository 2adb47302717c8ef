<?php

declare(strict_types=1);

namespace Wubbin\Sheet\Due;

use OpenApi\Attributes as OA;

/** All that there is to print, and what was printed and not looked at yet. */
#[OA\Schema]
final readonly class DueView
{
    /**
     * @param list<DueGroup> $groups
     * @param list<UnseenSheet> $unseen
     */
    public function __construct(
        #[OA\Property(description: 'What is due first in front')] public array $groups,
        public array $unseen,
    ) {}
}
