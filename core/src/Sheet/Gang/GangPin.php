<?php

declare(strict_types=1);

namespace Wubbin\Core\Sheet\Gang;

/** One of a piece that the person has placed by hand. */
final readonly class GangPin
{
    /**
     * @param int $sheet of the whole ones, from 0
     * @param float $xMm of its box's upper left corner on the page; so `yMm`
     * @param int<0, 3> $quarters that it is turned by with the clock
     */
    public function __construct(
        public string $piece,
        public int $sheet,
        public float $xMm,
        public float $yMm,
        public int $quarters,
    ) {}
}
