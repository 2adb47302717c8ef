<?php

declare(strict_types=1);

namespace Wubbin\Core\Measure;

/** A span of time in seconds, never negative. */
final readonly class Duration
{
    /** Up to so many seconds a time that was worked out is said to so many (common practice, no source). */
    private const SPOKEN = [[20.0, 1.0], [120.0, 5.0], [600.0, 30.0], [\INF, 60.0]];

    private function __construct(public float $seconds) {}

    /** @throws UnreadableQuantity when negative or not finite */
    public static function seconds(float $seconds): self
    {
        if (!is_finite($seconds) || $seconds < 0.0) {
            throw UnreadableQuantity::notADuration($seconds . ' s');
        }

        return new self($seconds);
    }

    /** As a person says it who cannot do better: about 40 s, not 41. */
    public function spoken(): self
    {
        foreach (self::SPOKEN as [$until, $step]) {
            if ($this->seconds < $until) {
                return new self($step * round($this->seconds / $step));
            }
        }

        return $this;
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
