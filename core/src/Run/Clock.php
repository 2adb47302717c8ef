<?php

declare(strict_types=1);

namespace Wubbin\Core\Run;

/** The clock of a step: told by instants, so that it goes on whatever screens and servers do. */
final readonly class Clock
{
    /**
     * @param float $seconds that it is meant to run
     * @param \DateTimeImmutable $since it was started, or went on after a pause
     * @param float $before seconds that had gone by then
     */
    private function __construct(
        public float $seconds,
        public \DateTimeImmutable $since,
        public float $before,
        public bool $running,
    ) {}

    public static function started(float $seconds, \DateTimeImmutable $at): self
    {
        return new self($seconds, $at, 0.0, true);
    }

    public function paused(\DateTimeImmutable $at): self
    {
        return new self($this->seconds, $at, $this->elapsed($at), false);
    }

    public function resumed(\DateTimeImmutable $at): self
    {
        return new self($this->seconds, $at, $this->before, true);
    }

    public function longer(float $seconds): self
    {
        return new self($this->seconds + $seconds, $this->since, $this->before, $this->running);
    }

    /** Seconds that have gone by without the pauses; beyond `seconds` once it is past zero. */
    public function elapsed(\DateTimeImmutable $now): float
    {
        return $this->before +
            ($this->running ? max(0.0, (float) $now->format('U.u') - (float) $this->since->format('U.u')) : 0.0);
    }

    public function over(\DateTimeImmutable $now): bool
    {
        return $this->elapsed($now) >= $this->seconds;
    }

    /** When it comes to zero, as seconds since 1970; infinite while it is paused. */
    public function ends(): float
    {
        return $this->running ? (float) $this->since->format('U.u') + $this->seconds - $this->before : \INF;
    }
}
