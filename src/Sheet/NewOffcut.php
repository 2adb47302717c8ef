<?php

declare(strict_types=1);

namespace Wubbin\Sheet;

use OpenApi\Attributes as OA;

/** A piece of a sheet that is kept. */
#[OA\Schema]
final readonly class NewOffcut
{
    public function __construct(public string $medium, public float $width_mm, public float $height_mm) {}
}
