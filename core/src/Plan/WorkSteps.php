<?php

declare(strict_types=1);

namespace Wubbin\Core\Plan;

use Wubbin\Core\Measure\Duration;
use Wubbin\Core\Measure\Provenance;
use Wubbin\Core\Route\Caution;
use Wubbin\Core\Route\StepKind;
use Wubbin\Core\Route\StepRule;

/** What to do, in order: a route's steps as they are for one job. */
final readonly class WorkSteps
{
    /** A place that is pressed for less, as a tack is, is not moved within. */
    private const MOVED_FROM_S = 10.0;

    /** A place in the middle is of the first front, whatever its figures round to, in mm. */
    private const TOLERANCE_MM = 0.01;

    private function __construct(private Setup $setup) {}

    /** @return list<Step> */
    public static function of(Setup $setup): array
    {
        $work = new self($setup);
        $rules = array_values(
            array_filter(
                $setup->brief->route->steps,
                static fn(StepRule $rule): bool => $rule->when->holds($setup->arrangement->circumstances),
            ),
        );
        $steps = [];
        for ($i = 0; $i < count($rules); ++$i) {
            // Neighbours that are repeated by the same figure take turns: coat, wait, coat, wait.
            $group = [$rules[$i]];
            while (null !== $rules[$i]->repeat && ($rules[$i + 1]->repeat ?? null) === $rules[$i]->repeat) {
                $group[] = $rules[++$i];
            }
            array_push($steps, ...$work->expanded($group));
        }

        return HeatQuestions::before($steps, $setup);
    }

    /**
     * @param non-empty-list<StepRule> $group
     *
     * @return list<Step>
     */
    private function expanded(array $group): array
    {
        $repeat = $group[0]->repeat;
        $all = count($this->setup->arrangement->coverage->places ?? []);
        $places = $group[0]->perPlace ? $this->places($group[0]->half) : [];
        $times = match (true) {
            null !== $repeat => (int) $this->setup->outfit->ways->figures[$repeat]->value,
            $group[0]->perPlace && $all > 0 => count($places),
            default => 1,
        };
        $steps = [];
        for ($time = 1; $time <= $times; ++$time) {
            foreach ($group as $rule) {
                $step = $this->step($rule, $time, $times, $places[$time - 1] ?? null, $all);
                if (!$step->time->timed || $step->duration->seconds > 0.0) {
                    $steps[] = $step;
                }
            }
        }

        return $steps;
    }

    /**
     * Numbers of the places that are heated, from 1. A picture that goes more than half way round is heated in two
     * fronts: up to its middle first, and then on from there.
     *
     * @return list<int>
     */
    private function places(?string $half): array
    {
        $places = $this->setup->arrangement->coverage->places ?? [];
        $placed = $this->setup->placing->placed;
        if (null === $half || null === $placed || 'yes' !== $this->setup->arrangement->circumstances['wraps']) {
            return [] === $places ? [] : range(1, count($places));
        }
        $within = [];
        foreach ($places as $n => $place) {
            $middle = $place->pressed->xMm + $place->pressed->size->widthMm / 2.0;
            if (('front' === $half) === $middle <= $placed->size->widthMm / 2.0 + self::TOLERANCE_MM) {
                $within[] = $n + 1;
            }
        }

        return $within;
    }

    private function step(StepRule $rule, int $time, int $times, ?int $place, int $all): Step
    {
        $title = $rule->title;
        if (null !== $rule->repeat) {
            $title = rtrim($title, '.') . sprintf(' (%d of %d).', $time, $times);
        }
        $area = null !== $place && $all > 1 ? sprintf('area %d of %d', $place, $all) : 'it';
        $takes = $this->time($rule);

        return new Step(
            1 === $times ? $rule->id : $rule->id . '-' . $time,
            $rule->kind,
            $rule->scope,
            Words::in($title, $this->setup, ['area' => $area]),
            Words::in($rule->cue . $this->overSteamHoles($rule, $takes), $this->setup, ['area' => $area]),
            $takes,
            $place,
            $this->cautions($rule->kind),
            $rule->once,
            atHeat: $rule->atHeat,
            vapour: $rule->vapour,
            drawn: $rule->drawn,
            nth: $time,
            times: $times,
        );
    }

    /** A sole with steam holes that stands on a place leaves its holes cold, unless it is moved on the way. */
    private function overSteamHoles(StepRule $rule, StepTime $time): string
    {
        $moves =
            str_contains($rule->title . $rule->cue, '<moving>') &&
            'stand-press' !== ($this->setup->outfit->ways->options['iron-move']->id ?? '');
        $stands = $rule->perPlace && !$moves && $time->hands->eachS >= self::MOVED_FROM_S;

        return $stands && ($this->setup->arrangement->coverage->shiftMm ?? 0.0) > 0.0
            ? ' After half of the time, move it {shift} back, because the steam holes do not press.'
            : '';
    }

    private function time(StepRule $rule): StepTime
    {
        $hands = $this->setup->brief->catalogue->hands;
        $learned = $this->setup->brief->house->hands[$rule->kind->value] ?? null;

        return match (true) {
            'peel' === $rule->time => StepTime::onTheClock(
                $this->setup->outfit->peel->wait,
                $this->setup->outfit->peel->provenance,
            ),
            null !== $rule->time => StepTime::onTheClock(
                Duration::seconds($this->setup->arrangement->seconds($rule->time) * $rule->times),
                $this->setup->outfit->ways->figures[$rule->time]->provenance,
            ),
            StepKind::Cut === $rule->kind => StepTime::byHand(
                $hands->cutting($this->setup->placing->trimLine?->length() ?? 0.0),
                $hands->trimProvenance,
            ),
            null !== $learned => StepTime::byHand($learned, Provenance::learned()),
            default => StepTime::byHand($hands->of($rule->kind), $hands->provenance),
        };
    }

    /** @return list<string> */
    private function cautions(StepKind $kind): array
    {
        $setup = $this->setup;
        $here = array_filter(
            $setup->brief->catalogue->cautions,
            static fn(Caution $c): bool => in_array($kind->value, $c->at, true) &&
                $c->concerns(
                    $setup->brief->route->id,
                    $setup->outfit->heatKind,
                    $setup->brief->kind->id,
                    $setup->placing->size->forChild(),
                    $setup->outfit->peel->word,
                ),
        );

        return array_values(array_map(static fn(Caution $c): string => $c->text, $here));
    }
}
