<?php

declare(strict_types=1);

namespace Wubbin\Cost;

use OpenApi\Attributes as OA;

/** A piece that was left of a sheet. */
#[OA\Schema]
final readonly class OffcutView
{
    public function __construct(public string $label, public float $width_mm, public float $height_mm) {}
}
