<?php

declare(strict_types=1);

namespace Wubbin\Sheet\Printing;

use OpenApi\Attributes as OA;

/** Addresses of its pictures. */
#[OA\Schema]
final readonly class FacesView
{
    public function __construct(public string $print, public string $back) {}
}
