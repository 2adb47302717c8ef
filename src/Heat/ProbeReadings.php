<?php

declare(strict_types=1);

namespace Wubbin\Heat;

use OpenApi\Attributes as OA;

/** What a probe showed. */
#[OA\Schema]
final readonly class ProbeReadings
{
    public function __construct(
        #[OA\Property(description: 'Lines of seconds and °C, as CSV')] public string $readings,
        #[OA\Property(enum: ['backing', 'printed face', 'far side', 'base', 'source'])] public string $face,
        public bool $keep,
    ) {}
}
