<?php

declare(strict_types=1);

namespace Wubbin\Heat\Device;

use OpenApi\Attributes as OA;

/** What a press says of itself. */
#[OA\Schema]
final readonly class PressState
{
    public function __construct(
        public float $celsius,
        public float $setting,
        public bool $closed,
        #[OA\Property(description: 'It is at its setting')] public bool $ready,
        #[OA\Property(nullable: true, description: 'Of its count; below 0 it is over')] public ?float $remaining_s,
        public bool $beeping,
        #[OA\Property(description: 'It has stopped getting hotter below its setting')] public bool $stuck,
    ) {}
}
