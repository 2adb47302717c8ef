<?php

declare(strict_types=1);

namespace Wubbin\Log;

use OpenApi\Attributes as OA;

/** How often a defect cost a piece, or a second press. */
#[OA\Schema]
final readonly class DefectCount
{
    public function __construct(public string $defect, public string $label, public int $spoiled, public int $redo) {}
}
