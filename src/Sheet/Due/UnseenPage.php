<?php

declare(strict_types=1);

namespace Wubbin\Sheet\Due;

use OpenApi\Attributes as OA;

/** A page that came out of a printer. */
#[OA\Schema]
final readonly class UnseenPage
{
    public function __construct(public int $page, public string $label) {}
}
