<?php

declare(strict_types=1);

namespace Wubbin\Core\Sheet\Gang;

/**
 * Where a piece of a kind lies on a sheet: the upper left corner of its box, in the unit of its filling, and by how
 * many quarters it is turned with the clock.
 */
final readonly class Spot
{
    public function __construct(public int $kind, public int $x, public int $y, public int $quarters = 0) {}
}
