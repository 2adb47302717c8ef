<?php

declare(strict_types=1);

namespace Wubbin\Core\Day;

use Wubbin\Core\Plan\Plan;
use Wubbin\Core\Plan\Step;
use Wubbin\Core\Route\Scope;
use Wubbin\Core\Route\StepKind;

/**
 * What is to be done for a job, as activities of a day: from the steps of its plan, for so many pieces. Steps of a piece
 * that follow each other with the same hands and machine are one activity.
 */
final class JobActivities
{
    /** Where waiting takes up room. */
    public const RACK = 'drying rack';
    public const SHELF = 'cooling shelf';

    /** How long a backing stays as it is to be peeled, in s: hot or warm (assumed; a cold one waits as long as one likes). */
    private const PEELED_WITHIN = ['hot' => 20, 'warm' => 90];

    /** Heat that hands and a machine give together. */
    private const HEATED = [StepKind::Prepress, StepKind::Tack, StepKind::Heat, StepKind::Fuse];

    /** @var list<Activity> */
    private array $activities = [];

    private function __construct(private readonly Plan $plan, private readonly ?int $due, private readonly float $weight)
    {
    }

    /**
     * @param int<1, max> $pieces
     * @param int|null    $due    seconds since 1970
     *
     * @return list<Activity>
     */
    public static function of(Plan $plan, int $pieces, ?int $due, float $weight = 1.0): array
    {
        $work = new self($plan, $due, $weight);
        $before = [];
        foreach ($plan->rounds as $round => $steps) {
            $before = $work->round($round, $steps, $pieces, $before);
        }

        return $work->activities;
    }

    /**
     * @param list<Step>   $steps
     * @param int<1, max>  $pieces
     * @param list<string> $before that all of this round comes after
     *
     * @return list<string> that the next round comes after
     */
    private function round(int $round, array $steps, int $pieces, array $before): array
    {
        $of = static fn (Scope ...$scopes): array => array_values(array_filter($steps, static fn (Step $step): bool => in_array($step->scope, $scopes, true)));
        foreach ($this->parts($of(Scope::OnceBefore, Scope::EachSheet)) as $n => $part) {
            $seconds = array_sum(array_map(static fn (Step $step): float => $step->durationFor($pieces)->seconds, $part));
            $before = [$this->add(sprintf('%d before %d', $round, $n), $part, $seconds, array_map(static fn (string $id): Wait => new Wait($id), $before))];
        }
        $last = [];
        $parts = $this->parts($of(Scope::EachPiece));
        for ($piece = 1; $piece <= $pieces; ++$piece) {
            $after = array_map(static fn (string $id): Wait => new Wait($id), $before);
            foreach ($parts as $n => $part) {
                $id = $this->add(sprintf('%d piece %d %d', $round, $piece, $n), $part, array_sum(array_map(static fn (Step $step): float => $step->duration->seconds, $part)), $after, $piece);
                $after = [new Wait($id, 0, $this->within($part, $parts[$n + 1] ?? []))];
            }
            $last[] = $after[0]->after ?? '';
        }
        $last = array_values(array_filter($last, static fn (string $id): bool => '' !== $id));
        foreach ($this->parts($of(Scope::OnceAfter)) as $n => $part) {
            $last = [$this->add(sprintf('%d after %d', $round, $n), $part, array_sum(array_map(static fn (Step $step): float => $step->duration->seconds, $part)), array_map(static fn (string $id): Wait => new Wait($id), $last))];
        }

        return $last;
    }

    /**
     * @param list<Step> $steps
     *
     * @return list<non-empty-list<Step>>
     */
    private function parts(array $steps): array
    {
        $parts = [];
        $was = null;
        foreach ($steps as $step) {
            $is = $this->needs($step);
            if ($is === $was) {
                $parts[count($parts) - 1][] = $step;
            } else {
                $parts[] = [$step];
            }
            $was = $is;
        }

        return $parts;
    }

    /** @return array{bool, string|null, float|null, string|null} hands, machine, °C and place */
    private function needs(Step $step): array
    {
        $transfer = $this->plan->transfers[$step->transfer];
        $heated = in_array($step->kind, self::HEATED, true);

        return match (true) {
            StepKind::Print === $step->kind => [false, $transfer->marking?->label, null, null],
            StepKind::Dry === $step->kind, StepKind::Wait === $step->kind => [false, null, null, self::RACK],
            StepKind::Cool === $step->kind => [false, null, null, self::SHELF],
            StepKind::Soak === $step->kind => [false, null, null, null],
            $heated => [true, $transfer->heatLabel, $transfer->heatC, null],
            default => [true, null, null, null],
        };
    }

    /**
     * How long the next part may wait, in s; null for ever.
     *
     * @param non-empty-list<Step> $part
     * @param list<Step>           $next
     */
    private function within(array $part, array $next): ?int
    {
        $last = $part[count($part) - 1]->kind;
        $first = ($next[0] ?? null)?->kind;
        if (StepKind::Cool === $first) {
            // It cools from the moment the heat is off.
            return 0;
        }

        return StepKind::Peel === $first && in_array($last, [StepKind::Cool, StepKind::Set, ...self::HEATED], true)
            ? self::PEELED_WITHIN[$this->plan->transfers[$next[0]->transfer]->peelWord] ?? null
            : null;
    }

    /**
     * @param non-empty-list<Step> $part
     * @param list<Wait>           $after
     */
    private function add(string $name, array $part, float $seconds, array $after, ?int $piece = null): string
    {
        [$hands, $machine, $celsius, $place] = $this->needs($part[0]);
        $id = $this->plan->jobId.' '.$name;
        $this->activities[] = new Activity($id, $this->plan->jobId, self::label($part), (int) ceil($seconds), $hands, $machine, $celsius, $place, $after, $this->due, $this->weight, piece: $piece);

        return $id;
    }

    /** @param non-empty-list<Step> $part */
    private static function label(array $part): string
    {
        return implode(', ', array_unique(array_map(static fn (Step $step): string => $step->kind->value, $part)));
    }
}
