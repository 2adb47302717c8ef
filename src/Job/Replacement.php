<?php

declare(strict_types=1);

namespace Wubbin\Job;

use OpenApi\Attributes as OA;

/** The picture that takes another one's place. */
#[OA\Schema]
final readonly class Replacement
{
    public function __construct(#[OA\Property(description: 'SHA-256 of the new one')] public string $by) {}
}
