<?php

declare(strict_types=1);

namespace Wubbin\Job;

use OpenApi\Attributes as OA;

#[OA\Schema(required: ['id', 'label', 'why'])]
final readonly class MatterWay
{
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public string $label,
        #[OA\Property] public string $why,
    ) {}
}
