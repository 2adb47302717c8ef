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
    /**
     * @param int|null $judging piece whose last step is done: how did it come out?
     * @param list<int> $pieces that are in it and not judged
     * @param int $done steps of its first piece that are done with
     * @param string|null $held job whose heat is on, while this must not be opened near it
     */
    public function __construct(
        public string $run,
        public int $position,
        public BenchStep $step,
        public ?Clock $clock,
        public ?int $judging,
        public array $pieces,
        public int $done,
        public ?string $held = null,
    ) {}

    /** @return list<self> of a run */
    public static function forRun(string $run, BenchSequence $sequence, BenchState $state): array
    {
        $all = [];
        foreach ($state->toJudge() as $piece => $position) {
            $own = $sequence->positionsOf($piece);
            $all[] = new self($run, $position, $sequence->steps[$position], null, $piece, [$piece], count($own));
        }
        foreach ($state->atHand() as $position) {
            $step = $sequence->steps[$position];
            $pieces = $state->living($position);
            $before =
                $step->shared || [] === $pieces
                    ? []
                    : array_filter($sequence->positionsOf($pieces[0]), $state->isDone(...));
            $all[] = new self($run, $position, $step, $state->clock($position), null, $pieces, count($before));
        }

        return $all;
    }

    /**
     * The same, with solvents, sprays and varnish held back as long as anything is hot in the same room.
     *
     * @param list<self> $all
     * @param list<string> $hot names of jobs whose heat is on
     *
     * @return list<self>
     */
    public static function heldFrom(array $all, array $hot): array
    {
        return array_map(
            static fn(self $one): self => $one->step->vapour && [] !== $hot && null === $one->judging
                ? new self($one->run, $one->position, $one->step, $one->clock, null, $one->pieces, $one->done, $hot[0])
                : $one,
            $all,
        );
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
        if (null !== $this->held) {
            return [5, 0.0, 0.0, $this->position];
        }
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
        // What was just heated is peeled before a new piece is taken up; a paused clock is work that is begun. A sheet
        // comes before what is only made ready: it has to dry.
        $sheet = $this->step->kind->concernsSheet() && $this->step->shared;
        $begun = $this->done > 0 || null !== $this->clock || null !== $this->judging || $sheet;
        $hot = match (true) {
            StepKind::Peel === $this->step->kind && null === $this->judging => 0.0,
            $sheet => 0.5,
            default => 1.0,
        };

        return [$begun ? 2 : 3, $hot, (float) -$this->done, $this->position];
    }
}
