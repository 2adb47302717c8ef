<?php

declare(strict_types=1);

namespace Wubbin\Job;

use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class MatterWay
{
    public function __construct(public string $id, public string $label, public string $why) {}
}
