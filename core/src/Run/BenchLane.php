<?php

declare(strict_types=1);

namespace Wubbin\Core\Run;

/** The way of one piece through a run, or of what all pieces share: where it stands, with its clock. */
final class BenchLane
{
    private int $index = 0;

    public ?Clock $clock = null;

    /** Its last step is done, and how it came out is asked. */
    public bool $judging = false;

    public ?Outcome $outcome = null;

    /** @var array<int, float> seconds that were heated, by position, over all turns */
    public array $taken = [];

    /** @var array<int, float> seconds since the press before, by position of what hands did without a clock */
    public array $hands = [];

    /** @var array<int, string> reasons, by position of what was left out */
    public array $skipped = [];

    /** @param list<int> $positions of its steps, rising */
    public function __construct(public readonly ?int $piece, private readonly array $positions) {}

    /** The step at hand; null where it is through. */
    public function position(): ?int
    {
        return null !== $this->outcome ? null : $this->positions[$this->index] ?? null;
    }

    /** Whether all its steps before a position are done with. */
    public function passed(int $position): bool
    {
        return ($this->position() ?? \PHP_INT_MAX) > $position;
    }

    /** How many of its steps are done with. */
    public function done(): int
    {
        return $this->index;
    }

    /** Goes on to the next step; a piece's last one asks how it came out. */
    public function forward(\DateTimeImmutable $at): void
    {
        $this->stop($at);
        if (null !== $this->piece && $this->index === count($this->positions) - 1) {
            $this->judging = true;
        } else {
            ++$this->index;
        }
    }

    /** Goes back to a step that was done, with a clock of so many seconds. */
    public function back(int $position, float $seconds, \DateTimeImmutable $at): void
    {
        $this->stop($at);
        $this->index = (int) array_search($position, $this->positions, true);
        $this->judging = false;
        $this->clock = Clock::started($seconds, $at);
    }

    public function judge(Outcome $outcome, \DateTimeImmutable $at): void
    {
        $this->stop($at);
        $this->outcome = $outcome;
        $this->judging = false;
    }

    private function stop(\DateTimeImmutable $at): void
    {
        $position = $this->positions[$this->index] ?? null;
        if (null !== $this->clock && null !== $position) {
            $this->taken[$position] = ($this->taken[$position] ?? 0.0) + $this->clock->elapsed($at);
        }
        $this->clock = null;
    }
}
