<?php

declare(strict_types=1);

namespace Wubbin\Log;

use OpenApi\Attributes as OA;

/** A step that was left out, and why. */
#[OA\Schema]
final readonly class SkippedStep
{
    public function __construct(public string $step, public string $reason) {}
}
