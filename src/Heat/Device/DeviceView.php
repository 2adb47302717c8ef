<?php

declare(strict_types=1);

namespace Wubbin\Heat\Device;

use OpenApi\Attributes as OA;

/** What press and probe show now. */
#[OA\Schema]
final readonly class DeviceView
{
    public function __construct(
        #[OA\Property(nullable: true, description: 'Null where none is set up')] public ?string $address,
        #[OA\Property(ref: PressState::class, nullable: true)] public ?PressState $press,
        #[OA\Property(nullable: true, description: 'Null where it does not answer')] public ?float $probe_c,
        #[OA\Property(description: 'What is wrong; empty where nothing is')] public string $trouble,
    ) {}
}
