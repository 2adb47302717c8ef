<?php

declare(strict_types=1);

namespace Wubbin\Core\Work;

use Wubbin\Core\Plan\Step;

/** What batches take together, step by step. */
final class Total
{
    public int $handsS = 0;

    /** @var array<string, int> seconds that a machine is at work, by its id */
    public array $machineS = [];

    /** @var array<string, WorkLine> by round and step */
    public array $lines = [];

    /** @param int $times that there is such a batch */
    public function add(string $round, Step $step, Batch $batch, int $size, int $times): void
    {
        $this->handsS += $times * $batch->handsS;
        $key = $round . ' ' . $step->id;
        $this->lines[$key] = ($this->lines[$key] ?? new WorkLine($step))->and($batch, $size, $times);
        if (null !== $batch->machine) {
            $this->machineS[$batch->machine] =
                ($this->machineS[$batch->machine] ?? 0) + $times * ($batch->handsS + $batch->aloneS);
        }
    }

    /** Seconds of each wait, once; of a machine that goes on by itself those for one. */
    public function waitsS(): int
    {
        return array_sum(array_map(static fn(WorkLine $line): int => $line->waitS, $this->lines));
    }
}
