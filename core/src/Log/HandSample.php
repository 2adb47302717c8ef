<?php

declare(strict_types=1);

namespace Wubbin\Core\Log;

/** What hands once took for a kind of step, done to so many pieces in one go. */
final readonly class HandSample
{
    /**
     * @param int<1, max> $count
     * @param float $takenS seconds, for all of them
     * @param float $plannedS seconds that were planned
     */
    public function __construct(public string $kind, public int $count, public float $takenS, public float $plannedS) {}
}
