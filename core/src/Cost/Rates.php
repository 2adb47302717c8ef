<?php

declare(strict_types=1);

namespace Wubbin\Core\Cost;

/** What a shop reckons with. Money is in minor units; null where nobody has said, and then it is not counted. */
final readonly class Rates
{
    /**
     * @param int|null $hour of hands
     * @param int|null $kwh of electricity
     * @param float $overhead share that is put on top, 0 to 10
     * @param int $spares sheets that are printed beyond what is needed, for each batch
     */
    public function __construct(
        public ?int $hour = null,
        public ?int $kwh = null,
        public float $overhead = 0.0,
        public int $spares = 0,
    ) {}
}
