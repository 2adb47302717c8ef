<?php

declare(strict_types=1);

namespace Wubbin\Core\Measure;

/** A span of time in seconds, never negative. */
final readonly class Duration
{
    private function __construct(public float $seconds) {}

    /** @throws UnreadableQuantity when negative or not finite */
    public static function seconds(float $seconds): self
    {
        if (!is_finite($seconds) || $seconds < 0.0) {
            throw UnreadableQuantity::notADuration($seconds . ' s');
        }

        return new self($seconds);
    }

    public function plus(self $other): self
    {
        return new self($this->seconds + $other->seconds);
    }

    /** @param int<0, max> $times */
    public function times(int $times): self
    {
        return new self($this->seconds * $times);
    }
}
