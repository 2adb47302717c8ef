<?php

declare(strict_types=1);

namespace Wubbin\Sheet\Printing;

use OpenApi\Attributes as OA;

/** Why it would come out wrong. */
#[OA\Schema]
final readonly class FaultView
{
    public function __construct(public string $id, public string $message, public string $mend) {}
}
