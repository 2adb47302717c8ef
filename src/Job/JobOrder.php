<?php

declare(strict_types=1);

namespace Wubbin\Job;

use OpenApi\Attributes as OA;

/** The order that a job is a line of. */
#[OA\Schema]
final readonly class JobOrder
{
    public function __construct(public string $id, public string $label) {}
}
