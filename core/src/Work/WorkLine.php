<?php

declare(strict_types=1);

namespace Wubbin\Core\Work;

use Wubbin\Core\Plan\Step;

/** One step over all pieces of a job: how it comes to its time. */
final readonly class WorkLine
{
    /**
     * @param int $goes how often it is done
     * @param int $count sheets or pieces that pass through the hands, all together
     * @param int $atOnce the most in one go
     * @param int $handsS seconds of hands, all together
     * @param int $waitS seconds that it goes on for without hands, once
     */
    public function __construct(
        public Step $step,
        public int $goes = 0,
        public int $count = 0,
        public int $atOnce = 0,
        public int $handsS = 0,
        public int $waitS = 0,
    ) {}

    /** With so many batches of a size. */
    public function and(Batch $batch, int $size, int $times): self
    {
        $wait = $this->step->kind->waits() ? $batch->aloneS : (int) ceil($this->step->time->hands->aloneS);

        return new self(
            $this->step,
            $this->goes + $times,
            $this->count + $times * $size,
            max($this->atOnce, $size),
            $this->handsS + $times * $batch->handsS,
            max($this->waitS, $wait),
        );
    }
}
