<?php

declare(strict_types=1);

namespace Wubbin\Job;

use OpenApi\Attributes as OA;

/** A job that a picture is used in. */
#[OA\Schema(required: ['id', 'name', 'archived'])]
final readonly class PictureUse
{
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public string $name,
        #[OA\Property] public bool $archived,
    ) {}
}
