<?php

declare(strict_types=1);

namespace Wubbin\Core\Sheet\Gang;

/** Where a piece of a kind lies on a sheet: its upper left corner, in the packer's unit. */
final readonly class Spot
{
    public function __construct(public int $kind, public int $x, public int $y, public bool $turned)
    {
    }
}
