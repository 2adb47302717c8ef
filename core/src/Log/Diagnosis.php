<?php

declare(strict_types=1);

namespace Wubbin\Core\Log;

/** One likely cause: why it is thought of, what is done with this piece now, and what is changed for the next. */
final readonly class Diagnosis implements \JsonSerializable
{
    /**
     * @param bool $shown what was done shows it; else it is only usual
     * @param float $score more comes first
     */
    public function __construct(
        public string $cause,
        public string $why,
        public bool $shown,
        public float $score,
        public string $now,
        public string $next,
    ) {}

    /** The same, thought a little less likely. */
    public function lessBy(float $score): self
    {
        return new self($this->cause, $this->why, $this->shown, $this->score - $score, $this->now, $this->next);
    }

    /** @return array{cause: string, why: string, shown: bool, now: string, next: string} */
    public function jsonSerialize(): array
    {
        return [
            'cause' => $this->cause,
            'why' => $this->why,
            'shown' => $this->shown,
            'now' => $this->now,
            'next' => $this->next,
        ];
    }
}
