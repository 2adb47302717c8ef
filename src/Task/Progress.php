<?php

declare(strict_types=1);

namespace Wubbin\Task;

/** Told how far a piece of work has come; it throws where the work is no longer wanted. */
interface Progress
{
    /**
     * @param float $share of the work done, 0 to 1
     * @param string $doing what comes now, in words
     *
     * @throws Cancelled
     */
    public function at(float $share, string $doing): void;

    /** Whether what there is so far is good enough for whoever waits: work that gets better with time ends then. */
    public function enough(): bool;
}
