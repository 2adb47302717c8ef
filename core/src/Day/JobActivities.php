<?php

declare(strict_types=1);

namespace Wubbin\Core\Day;

use Wubbin\Core\Blank\Shape;
use Wubbin\Core\Measure\Duration;
use Wubbin\Core\Measure\Phrase;
use Wubbin\Core\Measure\Provenance;
use Wubbin\Core\Measure\Size;
use Wubbin\Core\Plan\Plan;
use Wubbin\Core\Plan\Step;
use Wubbin\Core\Plan\TransferPlan;
use Wubbin\Core\Route\HeatKind;
use Wubbin\Core\Route\Scope;
use Wubbin\Core\Run\BenchSequence;
use Wubbin\Core\Run\BenchState;
use Wubbin\Core\Run\BenchStep;

/**
 * What is to be done for a job, as activities of a day, from the steps of its plan. Sheets are printed, and dry, a rack
 * full at a time; small things lie on a press several at once; everything else is done piece by piece.
 */
final class JobActivities
{
    /** Pieces of a job are planned in at most so many lots. */
    private const LOTS = 20;

    /** @var array<string, Activity> */
    private array $activities = [];

    private function __construct(
        private readonly Plan $plan,
        private readonly ?int $due,
        private readonly float $weight,
        private readonly int $rack,
        private readonly int $shelf,
    ) {}

    /**
     * Of pieces that nobody has begun.
     *
     * @param int $from number of the first
     * @param int $to and of the last
     * @param int|null $due seconds since 1970
     * @param int $rack sheets and pieces that have room to dry
     * @param int $shelf pieces that have room to cool
     *
     * @return list<Activity>
     */
    public static function forPlan(
        Plan $plan,
        int $from,
        int $to,
        ?int $due,
        int $rack,
        int $shelf,
        float $weight = 1.0,
    ): array {
        $work = new self($plan, $due, $weight, $rack, $shelf);
        /** @var array<int, string> $before by piece, what its next round comes after */
        $before = [];
        $all = [];
        foreach ($plan->rounds as $round => $steps) {
            [$before, $all] = $work->round($round, $steps, $from, $to, $before, $all);
        }

        return $work->due($before);
    }

    /**
     * What is left of a session at the bench. What its clocks run for is under way and stays where it is.
     *
     * @return list<Activity>
     */
    public static function forSession(
        Plan $plan,
        string $run,
        BenchSequence $sequence,
        BenchState $state,
        \DateTimeImmutable $now,
        ?int $due,
        float $weight = 1.0,
    ): array {
        $work = new self($plan, $due, $weight, 1, 1);
        $steps = array_column(array_map(static fn(Step $step): array => [$step->id, $step], $plan->steps()), 1, 0);
        /** @var array<int, list<array{int, string}>> $ends by lane, positions up to which an activity reaches */
        $ends = array_map(static fn(): array => [], $state->lanes);
        $tails = [];
        foreach ($sequence->steps as $position => $step) {
            $lane = $step->piece ?? 0;
            $stands = $state->lanes[$lane]->position();
            if (null === $stands || $position < $stands || ($position === $stands && $state->lanes[$lane]->judging)) {
                continue;
            }
            $part = Part::fromStep($steps[$step->stepId] ?? self::unknown($step), $plan);
            $clock = $position === $stands ? $state->lanes[$lane]->clock : null;
            $began = null === $clock || !$clock->running ? null : (int) $clock->since->format('U');
            $after = isset($tails[$lane])
                ? [new Wait($tails[$lane][0], 0, $tails[$lane][1] ? null : $tails[$lane][2]->within($part))]
                : [];
            foreach (0 === $lane ? array_diff_key($tails, [0 => 0]) : array_intersect_key($tails, [0 => 0]) as $other) {
                $after[] = new Wait($other[0]);
            }
            $seconds =
                null === $began
                    ? $step->seconds
                    : max((float) ($now->getTimestamp() - $began), $clock->seconds - $clock->before);
            $id = $work->add('run ' . $run . ' ' . $position, $part, $seconds, $after, $step->piece, 1, $began);
            $tails[$lane] = [$id, null !== $began, $part];
        }

        return $work->due(array_map(static fn(array $tail): string => $tail[0], array_diff_key($tails, [0 => 0])));
    }

    /**
     * What is due is each piece, when the last of it is done; what all share is never due for itself.
     *
     * @param array<int, string> $last of each piece
     *
     * @return list<Activity>
     */
    private function due(array $last): array
    {
        if (null !== $this->due) {
            // Each piece of a lot weighs as much as one that is done by itself.
            foreach (array_count_values($last) as $id => $pieces) {
                $this->activities[$id] = $this->activities[$id]->dueAt($this->due, $this->weight * $pieces);
            }
        }

        return array_values($this->activities);
    }

    /** A step that the plan no longer has: the session goes on by the plan it was begun with. */
    private static function unknown(BenchStep $step): Step
    {
        $said = Phrase::of($step->kind->value);

        return new Step(
            $step->stepId,
            $step->kind,
            null === $step->piece ? Scope::OnceBefore : Scope::EachPiece,
            $said,
            $said,
            Duration::seconds($step->seconds),
            $step->timed,
            Provenance::person(),
        );
    }

    /**
     * @param list<Step> $steps
     * @param array<int, string> $before by piece
     * @param list<string> $all that this round's common work comes after
     *
     * @return array{array<int, string>, list<string>}
     */
    private function round(int $round, array $steps, int $from, int $to, array $before, array $all): array
    {
        $of = static fn(Scope ...$scopes): array => array_values(
            array_filter($steps, static fn(Step $step): bool => in_array($step->scope, $scopes, true)),
        );
        $sheets = Part::all($of(Scope::OnceBefore, Scope::EachSheet), $this->plan);
        $parts = Part::all($of(Scope::EachPiece), $this->plan);
        $made = $this->sheets($round, $sheets, $from, $to, $all);
        $heat = $this->plan->transfers[$parts[0]->steps[0]->transfer ?? 0];
        $plate = max(1, min($this->onPlate($heat), $this->rack, $this->shelf));
        $lot = max($plate, min((int) ceil($this->plan->quantity / self::LOTS), $this->rack, $this->shelf));
        // What may not wait is done piece by piece; of what comes after it several are done one after the other at each
        // step, as at any bench.
        $free = 0;
        foreach ($parts as $n => $part) {
            $free = null === $part->within($parts[$n + 1] ?? null) ? $free : $n + 2;
        }
        $ready = $this->inTurn($round, array_slice($parts, 0, $free, true), $from, $to, $plate, $heat->heat, [
            $before,
            $made,
        ]);
        $last =
            $this->inTurn(
                $round,
                array_slice($parts, $free, null, true),
                $from,
                $to,
                $lot,
                $heat->heat,
                [] === $ready ? [$before, $made] : [$ready],
            ) + $ready;
        $all = array_values(array_unique([] === $last ? array_values($made) : array_values($last)));
        foreach (Part::all($of(Scope::OnceAfter), $this->plan) as $n => $part) {
            // Switching off is done in passing by whoever ends the last piece: it waits for nothing.
            $all = [
                $this->add(
                    sprintf('%d after %d', $round, $n),
                    $part->inPassing(),
                    $part->seconds(),
                    array_map(static fn(string $id): Wait => new Wait($id), $all),
                ),
            ];
        }

        return [[] === $last ? $made : $last, $all];
    }

    /**
     * Parts of the work on pieces, so many pieces at a time.
     *
     * @param array<int, Part> $parts by their place in the round
     * @param list<array<int, string>> $after activities that each piece comes after
     *
     * @return array<int, string> the last activity of each piece; none where there are no parts
     */
    private function inTurn(
        int $round,
        array $parts,
        int $from,
        int $to,
        int $together,
        ?HeatKind $heat,
        array $after,
    ): array {
        $last = [];
        for ($piece = $from; [] !== $parts && $piece <= $to; $piece = $end + 1) {
            // Which pieces go together does not hang on how many are done with already.
            $end = min($to, intdiv($piece - 1, $together) * $together + $together);
            $before = array_unique(
                array_merge(
                    ...array_map(
                        static fn(array $of): array => array_values(
                            array_intersect_key($of, array_flip(range($piece, $end))),
                        ),
                        $after,
                    ),
                ),
            );
            $waits = array_map(static fn(string $id): Wait => new Wait($id), array_values($before));
            foreach ($parts as $n => $part) {
                $id = $this->add(
                    sprintf('%d piece %d %d', $round, $piece, $n),
                    $part,
                    $part->together($end - $piece + 1, $heat),
                    $waits,
                    $piece,
                    $end - $piece + 1,
                );
                $waits = [new Wait($id, 0, $part->within($parts[$n + 1] ?? null))];
                foreach (range($piece, $end) as $one) {
                    $last[$one] = $id;
                }
            }
        }

        return $last;
    }

    /**
     * Printed and dried a rack full at a time.
     *
     * @param list<Part> $parts
     * @param list<string> $all
     *
     * @return array<int, string> what each piece comes after
     */
    private function sheets(int $round, array $parts, int $from, int $to, array $all): array
    {
        $holds = min([
            \PHP_INT_MAX,
            ...array_map(
                static fn(TransferPlan $one): int => null === $one->tiling ? $one->perSheet() : 1,
                $this->plan->transfers,
            ),
        ]);
        $tiles = max([
            1,
            ...array_map(
                static fn(TransferPlan $one): int => count($one->tiling->tiles ?? [1]),
                $this->plan->transfers,
            ),
        ]);
        $pieces = max(1, intdiv($this->rack, $tiles)) * $holds;
        $made = [];
        for ($piece = $from; [] !== $parts && $piece <= $to; $piece = $end + 1) {
            $end = min($to, intdiv($piece - 1, $pieces) * $pieces + $pieces);
            $sheets = min($this->rack, (int) ceil(($end - $piece + 1) / $holds) * $tiles);
            $after = array_map(static fn(string $id): Wait => new Wait($id), $all);
            foreach ($parts as $n => $part) {
                $waits = $part->steps[0]->kind->waits();
                $id = $this->add(
                    sprintf('%d sheets %d %d', $round, $piece, $n),
                    $part,
                    $part->seconds() * ($waits ? 1 : $sheets),
                    $after,
                    $piece,
                    $waits ? $sheets : 1,
                );
                $after = [new Wait($id, 0, $part->within($parts[$n + 1] ?? null))];
                foreach (range($piece, $end) as $one) {
                    $made[$one] = $id;
                }
            }
        }

        return $made;
    }

    /** How many blanks lie on a press at once: flat things only, each as it is. */
    private function onPlate(TransferPlan $transfer): int
    {
        return HeatKind::FlatPress === $transfer->heat &&
            null !== $transfer->plate &&
            Shape::Garment !== $transfer->size->shape
            ? max(1, $transfer->plate->holds(Size::mm($transfer->size->widthMm, $transfer->size->heightMm), 0.0))
            : 1;
    }

    /** @param list<Wait> $after */
    private function add(
        string $name,
        Part $part,
        float $seconds,
        array $after,
        ?int $piece = null,
        int $room = 1,
        ?int $began = null,
    ): string {
        $id = $this->plan->jobId . ' ' . $name;
        $this->activities[$id] = new Activity(
            $id,
            $this->plan->jobId,
            $part->label(),
            (int) ceil($seconds),
            $part->hands,
            $part->machine,
            $part->celsius,
            $part->place,
            $after,
            piece: $piece,
            room: null === $part->place ? 1 : $room,
            began: $began,
            attended: !$part->hands && null !== $part->machine,
        );

        return $id;
    }
}
