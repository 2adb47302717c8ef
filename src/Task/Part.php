<?php

declare(strict_types=1);

namespace Wubbin\Task;

/** A part of a larger piece of work, that tells of itself as if it were the whole. */
final readonly class Part implements Progress
{
    /**
     * @param float $from share of the whole that was done before it, 0 to 1
     * @param float $share of the whole that it is
     * @param string $what it is about, said before what is done
     */
    public function __construct(
        private Progress $whole,
        private float $from,
        private float $share,
        private string $what,
    ) {}

    public function at(float $share, string $doing): void
    {
        $this->whole->at($this->from + $this->share * $share, mb_substr($this->what . ': ' . $doing, 0, 120));
    }

    public function enough(): bool
    {
        return $this->whole->enough();
    }
}
