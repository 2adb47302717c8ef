<?php

declare(strict_types=1);

namespace Wubbin\Core\Plan;

use Wubbin\Core\Sheet\Gang\GangPiece;

/** A picture of a job as a piece of a gang. */
final readonly class GangPicture
{
    public function __construct(
        public GangPiece $piece,
        public string $jobId,
        public string $planId,
        public TransferPlan $transfer,
    ) {}
}
