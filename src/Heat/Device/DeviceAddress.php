<?php

declare(strict_types=1);

namespace Wubbin\Heat\Device;

use OpenApi\Attributes as OA;

/** Where a press is reached. */
#[OA\Schema]
final readonly class DeviceAddress
{
    public function __construct(
        #[OA\Property(description: 'Empty where there is none any more')] public string $address,
        public string $token,
    ) {}
}
