<?php

declare(strict_types=1);

namespace Wubbin\Sheet\Printing;

use OpenApi\Attributes as OA;

/** Something that a printer offers, as it calls it and as people read it. */
#[OA\Schema]
final readonly class OfferedWord
{
    public function __construct(public string $id, public string $label) {}
}
