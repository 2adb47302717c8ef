<?php

declare(strict_types=1);

namespace Wubbin\Job;

use OpenApi\Attributes as OA;

/** A job that a picture is used in. */
#[OA\Schema]
final readonly class PictureUse
{
    public function __construct(public string $id, public string $name, public bool $archived) {}
}
