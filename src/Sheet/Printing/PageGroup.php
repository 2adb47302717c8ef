<?php

declare(strict_types=1);

namespace Wubbin\Sheet\Printing;

use OpenApi\Attributes as OA;

/** Pages that are printed in one go. */
#[OA\Schema]
final readonly class PageGroup
{
    /**
     * @param list<int> $pages
     */
    public function __construct(
        public string $medium,
        public string $marking,
        public bool $mirrored,
        #[OA\Property(description: 'The driver mirrors it')] public bool $in_driver,
        #[OA\Property(description: 'Its carrier has a folded edge, which must go in first')] public bool $fold_leads,
        public array $pages,
        public string $label,
    ) {}
}
