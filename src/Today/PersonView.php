<?php

declare(strict_types=1);

namespace Wubbin\Today;

use OpenApi\Attributes as OA;

/** Somebody who works in this shop. */
#[OA\Schema]
final readonly class PersonView
{
    public function __construct(
        public string $name,
        #[
            OA\Property(type: 'string', format: 'date', nullable: true, description: 'The day they are back on'),
        ]
        public ?string $away,
    ) {}
}
