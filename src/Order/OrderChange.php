<?php

declare(strict_types=1);

namespace Wubbin\Order;

use OpenApi\Attributes as OA;

/** An order as it is to be, from the revision that the screen showed. */
#[OA\Schema(required: ['revision', 'label', 'due', 'note', 'archived'])]
final readonly class OrderChange
{
    public function __construct(
        public int $revision,
        public string $label,
        public string $due,
        public string $note,
        #[OA\Property(description: 'Put away, with its jobs')] public bool $archived,
        #[
            OA\Property(
                type: 'string',
                nullable: true,
                description: 'As it was where nothing is said; so the next two',
            ),
        ]
        public ?string $customer = null,
        #[OA\Property(type: 'string', nullable: true)] public ?string $contact = null,
        #[
            OA\Property(type: 'string', nullable: true, description: 'Money as typed; empty for none'),
        ]
        public ?string $agreed = null,
    ) {}
}
