<?php

declare(strict_types=1);

namespace Wubbin\Sheet\Due;

use OpenApi\Attributes as OA;

/** How the pages of a sheet came out that nobody had looked at. */
#[OA\Schema]
final readonly class PrintVerdict
{
    /** @param list<int> $spoiled */
    public function __construct(
        public string $sheet,
        #[
            OA\Property(description: 'Numbers of the pages that came out wrong, from 1; all others are good'),
        ]
        public array $spoiled,
    ) {}
}
