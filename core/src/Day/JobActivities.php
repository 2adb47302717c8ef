<?php

declare(strict_types=1);

namespace Wubbin\Core\Day;

use Wubbin\Core\Route\StepKind;
use Wubbin\Core\Run\BenchNeed;
use Wubbin\Core\Run\BenchSequence;
use Wubbin\Core\Run\BenchState;
use Wubbin\Core\Run\BenchStep;

/**
 * What is to be done for a job, as activities of a day: the tasks of its work, those that follow each other with the
 * same hands as one.
 */
final class JobActivities
{
    /** What hands do for longer is planned in parts, in s: between two of them something else may come. */
    private const LONGEST_S = 3600;

    /** @var array<string, Activity> */
    private array $activities = [];

    /** @var array<int, string> the activity that ends a task, by its position */
    private array $ends = [];

    private function __construct(private readonly string $group, private readonly string $name) {}

    /**
     * Of pieces that nobody has begun: a session as it will be.
     *
     * @param string $group the job
     * @param string $name tells it from other sessions of the job, and from the same of other pieces
     * @param int|null $due seconds since 1970
     * @param float $weight of a second that a piece is late
     * @param int|null $printed since when its sheets lie there printed; nothing where they have to be printed first
     *
     * @return list<Activity>
     */
    public static function forWork(
        string $group,
        string $name,
        BenchSequence $sequence,
        ?int $due,
        float $weight = 1.0,
        ?int $printed = null,
    ): array {
        $work = new self($group, $name . ' ');
        $last = [];
        foreach ($sequence->steps as $position => $step) {
            if (null !== $printed && $step->shared && $step->kind->makesPrint()) {
                continue;
            }
            if (null !== $printed && $step->shared && StepKind::Dry === $step->kind) {
                $work->put(
                    $position,
                    $step,
                    '',
                    (int) ceil($step->seconds),
                    [],
                    $step->pieces[0],
                    hands: false,
                    room: max(1, $step->count),
                    began: $printed,
                );
                continue;
            }
            $work->add($position, $step, $step->pieces[0], $sequence);
            foreach ($step->shared ? [] : $step->pieces as $piece) {
                $last[$piece] = $position;
            }
        }

        return $work->due($last, $due, $weight);
    }

    /**
     * What is left of a session at the bench. What its clocks run for is under way and stays where it is.
     *
     * @return list<Activity>
     */
    public static function forSession(
        string $group,
        string $run,
        BenchSequence $sequence,
        BenchState $state,
        \DateTimeImmutable $now,
        ?int $due,
        float $weight = 1.0,
    ): array {
        $work = new self($group, 'run ' . $run . ' ');
        $last = [];
        foreach ($sequence->steps as $position => $step) {
            if ($state->over($position)) {
                continue;
            }
            $living = $state->living($position);
            $clock = $state->clock($position);
            if (null === $clock || !$clock->running) {
                $work->add($position, $step, $living[0] ?? null, $sequence);
            } else {
                $began = (int) $clock->since->format('U');
                $work->put(
                    $position,
                    $step,
                    '',
                    (int) ceil(max((float) ($now->getTimestamp() - $began), $clock->seconds - $clock->before)),
                    $work->waits($step),
                    $living[0] ?? null,
                    hands: $step->handsS > 0.0,
                    room: max(1, $step->count),
                    began: $began,
                );
            }
            foreach ($step->shared ? [] : $living as $piece) {
                $last[$piece] = $position;
            }
        }

        return $work->due($last, $due, $weight);
    }

    /** @param int|null $piece the first of those that it is done for */
    private function add(int $position, BenchStep $step, ?int $piece, BenchSequence $sequence): void
    {
        $waits = $this->waits($step);
        $alone = $step->seconds - $step->handsS;
        $hands = (int) ceil($step->handsS);
        $with = $hands > 0 ? $this->continued($step, $sequence) : null;
        if (null !== $with) {
            $this->activities[$with] = $this->activities[$with]->longer($hands, $step->kind->label());
            $this->ends[$position] = $with;
        } elseif ($hands > 0) {
            $this->put($position, $step, '', $hands, $waits, $piece, hands: true);
        }
        if ($alone > 0.0 || 0 === $hands) {
            $before = $hands > 0 ? [new Wait($this->ends[$position], 0, 0)] : $waits;
            $this->put(
                $position,
                $step,
                $hands > 0 ? ' alone' : '',
                (int) ceil($alone),
                $before,
                $piece,
                hands: false,
                room: max(1, $step->count),
            );
        }
    }

    /** @param list<Wait> $after */
    private function put(
        int $position,
        BenchStep $step,
        string $part,
        int $seconds,
        array $after,
        ?int $piece,
        bool $hands,
        int $room = 1,
        ?int $began = null,
    ): void {
        // A printer is loaded by hands and then goes on by itself.
        $machine = $hands && StepKind::Print === $step->kind ? null : $step->takes?->machine;
        $place = $step->takes?->place?->value;
        $id = sprintf('%s %s%d%s', $this->group, $this->name, $position, $part);
        if ($hands && null === $began && $seconds > self::LONGEST_S) {
            $this->put($position, $step, $part . ' part', $seconds - self::LONGEST_S, $after, $piece, hands: true);
            [$seconds, $after] = [self::LONGEST_S, [new Wait($this->ends[$position])]];
        }
        $this->activities[$id] = new Activity(
            $id,
            $this->group,
            $step->kind->label(),
            $seconds,
            $hands,
            $machine,
            $hands && null === $machine ? null : $step->takes?->celsius,
            $place,
            $after,
            piece: $step->shared && null === $place && !$hands ? null : $piece,
            room: null === $place ? 1 : $room,
            began: $began,
            attended: !$hands && null !== $machine && 0.0 === $step->handsS,
            air: match (true) {
                $step->vapour => Air::Vapour,
                $step->kind->heats() => Air::Hot,
                default => null,
            },
        );
        $this->ends[$position] = $id;
    }

    /** The activity that hands simply go on with: the only one that this task waits for, at the same machine. */
    private function continued(BenchStep $step, BenchSequence $sequence): ?string
    {
        if (1 !== count($step->after) || !isset($this->ends[$step->after[0]->position])) {
            return null;
        }
        $before = $sequence->steps[$step->after[0]->position];
        $activity = $this->activities[$this->ends[$step->after[0]->position]];

        return $before->pieces === $step->pieces &&
            $activity->hands &&
            $activity->seconds + $step->handsS <= self::LONGEST_S &&
            null === $activity->began &&
            null === $step->after[0]->withinS &&
            !$step->vapour &&
            Air::Vapour !== $activity->air &&
            $activity->machine === (StepKind::Print === $step->kind ? null : $step->takes?->machine)
            ? $activity->id
            : null;
    }

    /** @return list<Wait> */
    private function waits(BenchStep $step): array
    {
        $waits = [];
        foreach ($step->after as $need) {
            $id = $this->ends[$need->position] ?? null;
            if (null !== $id) {
                $waits[$id] = new Wait($id, 0, $this->within($id, $need));
            }
        }

        return array_values($waits);
    }

    /** What is under way is not hurried by what comes after it. */
    private function within(string $id, BenchNeed $need): ?int
    {
        return null === $this->activities[$id]->began ? $need->withinS : null;
    }

    /**
     * What is due is each piece, when the last of it is done; what all share is never due for itself.
     *
     * @param array<int, int> $last position of the last task of each piece
     *
     * @return list<Activity>
     */
    private function due(array $last, ?int $due, float $weight): array
    {
        if (null !== $due) {
            // Each piece of a lot weighs as much as one that is done by itself.
            $ends = array_count_values(array_map(fn(int $position): string => $this->ends[$position], $last));
            foreach ($ends as $id => $pieces) {
                $this->activities[$id] = $this->activities[$id]->dueAt($due, $weight * $pieces);
            }
        }

        return array_values($this->activities);
    }
}
