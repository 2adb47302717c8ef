<?php

declare(strict_types=1);

namespace Wubbin\Ready;

use OpenApi\Attributes as OA;

/** The pieces of a series as they come out. */
#[OA\Schema]
final readonly class NamesView
{
    /** @param list<NameView> $names */
    public function __construct(
        #[OA\Property(description: 'The list as it is written down')] public string $typed,
        #[
            OA\Property(
                type: 'array',
                items: new OA\Items(ref: NameView::class),
                description: 'Those that something is wrong with in front',
            ),
        ]
        public array $names,
        #[OA\Property(description: 'There is room for them on a picture')] public bool $room,
        #[
            OA\Property(type: 'integer', nullable: true, description: 'Which picture has it, from 0'),
        ]
        public ?int $transfer,
    ) {}
}
