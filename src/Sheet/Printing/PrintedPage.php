<?php

declare(strict_types=1);

namespace Wubbin\Sheet\Printing;

use OpenApi\Attributes as OA;

/** What became of one page. */
#[OA\Schema]
final readonly class PrintedPage
{
    public function __construct(
        public int $page,
        public string $label,
        #[
            OA\Property(description: 'Its picture on both sides, where the device can show them'),
        ]
        public ?FacesView $faces,
    ) {}
}
