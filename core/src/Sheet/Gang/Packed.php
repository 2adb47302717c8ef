<?php

declare(strict_types=1);

namespace Wubbin\Core\Sheet\Gang;

/** A sheet as a filling has filled it. */
final readonly class Packed
{
    /**
     * @param int $taken up by its pieces, in squares of the filling's unit
     * @param list<Spot> $spots
     * @param int $ground that it was filled on
     */
    public function __construct(public int $taken, public array $spots, public int $ground) {}
}
