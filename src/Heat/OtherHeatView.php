<?php

declare(strict_types=1);

namespace Wubbin\Heat;

use OpenApi\Attributes as OA;
use Wubbin\Core\Heat\Comparison;
use Wubbin\Core\Heat\Sweep;

/** The same piece heated otherwise. */
#[OA\Schema]
final readonly class OtherHeatView
{
    public function __construct(public Sweep $sweep, public Comparison $comparison) {}
}
