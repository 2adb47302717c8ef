<?php

declare(strict_types=1);

namespace Wubbin\Today;

use OpenApi\Attributes as OA;

/** A machine that the plan needs. */
#[OA\Schema]
final readonly class MachineView
{
    public function __construct(
        public string $id,
        public string $name,
        #[
            OA\Property(type: 'string', format: 'date', nullable: true, description: 'The day that it is back on'),
        ]
        public ?string $out,
    ) {}
}
