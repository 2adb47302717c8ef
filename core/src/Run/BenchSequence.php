<?php

declare(strict_types=1);

namespace Wubbin\Core\Run;

use Wubbin\Core\Route\Scope;
use Wubbin\Core\Route\StepKind;
use Wubbin\Core\Work\Need;
use Wubbin\Core\Work\Task;

/** The tasks of a session, in an order in which they can be done, each with what it waits for. */
final class BenchSequence
{
    /** @var array<int, list<int>>|null positions of what is done to each piece, once it was asked for */
    private ?array $own = null;

    /** @param list<BenchStep> $steps */
    private function __construct(public readonly array $steps) {}

    /** @param list<Task> $tasks */
    public static function fromTasks(array $tasks): self
    {
        $positions = array_flip(array_map(static fn(Task $task): string => $task->id, $tasks));

        return new self(
            array_map(
                static fn(Task $task): BenchStep => new BenchStep(
                    $task->step->id,
                    $task->step->kind,
                    $task->pieces,
                    Scope::EachPiece !== $task->step->scope,
                    $task->step->time->timed,
                    (float) $task->seconds(),
                    [] !== $task->step->questions->first,
                    array_map(
                        static fn(Need $need): BenchNeed => new BenchNeed($positions[$need->task], $need->withinS),
                        $task->after,
                    ),
                    (float) $task->handsS,
                    $task->count,
                    new Takes($task->machine, $task->celsius, $task->place),
                    $task->step->transfer,
                    $task->step->vapour,
                    StepKind::Print === $task->step->kind ? $task->sheets : [],
                    [] !== $task->step->questions->again,
                ),
                $tasks,
            ),
        );
    }

    /** @param list<BenchStep> $steps as they were frozen with the run */
    public static function frozen(array $steps): self
    {
        return new self($steps);
    }

    /**
     * Steps that know nothing of what they wait for, as sessions were kept before: a piece goes through its own one
     * after another and waits for what is shared before it, and what is shared waits for every piece.
     *
     * @param list<BenchStep> $steps
     */
    public static function inLanes(array $steps): self
    {
        $last = $sequence = [];
        foreach ($steps as $position => $step) {
            $lane = $step->shared ? 0 : $step->pieces[0];
            $after = $step->shared ? $last : array_intersect_key($last, [0 => 0, $lane => 0]);
            $sequence[] = new BenchStep(
                $step->stepId,
                $step->kind,
                $step->pieces,
                $step->shared,
                $step->timed,
                $step->seconds,
                $step->asks,
                array_map(static fn(int $at): BenchNeed => new BenchNeed($at), array_values($after)),
                $step->handsS,
                $step->count,
                $step->takes,
                $step->transfer,
            );
            $last[$lane] = $position;
        }

        return new self($sequence);
    }

    /** @return list<int> positions of what is done to a piece */
    public function positionsOf(int $piece): array
    {
        return $this->own()[$piece] ?? [];
    }

    /** @return list<int> */
    public function pieces(): array
    {
        return array_keys($this->own());
    }

    /** @return array<int, list<int>> */
    private function own(): array
    {
        if (null === $this->own) {
            $own = [];
            foreach ($this->steps as $position => $step) {
                foreach ($step->shared ? [] : $step->pieces as $piece) {
                    $own[$piece][] = $position;
                }
            }
            ksort($own);
            $this->own = $own;
        }

        return $this->own;
    }
}
