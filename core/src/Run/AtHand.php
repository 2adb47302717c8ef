<?php

declare(strict_types=1);

namespace Wubbin\Core\Run;

use Wubbin\Core\Route\StepKind;

/**
 * One thing that a person could turn to at the bench, and how soon it wants hands: those come first that burn while
 * nobody looks, then waiting that is over, then pieces that are begun, then new ones; what only waits comes last.
 */
final readonly class AtHand
{
    /** @param int $done steps of its piece that are done with */
    public function __construct(
        public string $run,
        public int $position,
        public BenchStep $step,
        public ?Clock $clock,
        public bool $judging,
        public int $done,
    ) {}

    /** @return list<self> of a run */
    public static function forRun(string $run, BenchSequence $sequence, BenchState $state): array
    {
        return array_map(static function (int $position) use ($run, $sequence, $state): self {
            $lane = $state->lane($position);

            return new self($run, $position, $sequence->steps[$position], $lane->clock, $lane->judging, $lane->done());
        }, $state->atHand());
    }

    /**
     * @param list<self> $all
     *
     * @return list<self> the one that needs hands next in front
     */
    public static function inOrder(array $all, \DateTimeImmutable $now): array
    {
        usort($all, static fn(self $one, self $other): int => $one->urgency($now) <=> $other->urgency($now));

        return $all;
    }

    /** @return array{int, float, float, int} less comes first */
    private function urgency(\DateTimeImmutable $now): array
    {
        $waits = $this->step->kind->waits();
        if (null !== $this->clock && $this->clock->running) {
            $over = $this->clock->over($now);

            return [
                match (true) {
                    !$waits => 0,
                    $over => 1,
                    default => 4,
                },
                $this->clock->ends(),
                0.0,
                $this->position,
            ];
        }
        // What was just heated is peeled before a new piece is taken up; a paused clock is work that is begun.
        $begun = $this->done > 0 || null !== $this->clock || $this->judging;
        $hot = StepKind::Peel === $this->step->kind ? 0.0 : 1.0;

        return [$begun ? 2 : 3, $hot, (float) -$this->done, $this->position];
    }
}
