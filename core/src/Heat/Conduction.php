<?php

declare(strict_types=1);

namespace Wubbin\Core\Heat;

/**
 * Heat that goes through a stack in one dimension, over time: finite volumes in space, implicit in time.
 *
 * What is balanced is each cell's heat, so that melting needs no special case and no heat is lost. Every step is taken
 * once whole and once in two halves, both by the backward Euler rule; their difference is the error that the next step
 * is chosen by, and twice the halves less the whole is of second order and damps what is stiff (Hairer & Wanner,
 * Solving Ordinary Differential Equations II, section IV.9). Where something melts the step's equations are solved by
 * Newton's rule on the cells' heat.
 */
final class Conduction
{
    /** A step is good where no cell's temperature is further off than this, in K. */
    private const TOLERANCE = 0.04;

    private const FIRST_STEP = 1.0e-3;
    private const LEAST_STEP = 1.0e-7;
    private const LONGEST_STEP = 30.0;

    /** Newton's rule ends where no cell's temperature would change by this much, in K. */
    private const SOLVED = 1.0e-7;
    private const MOST_ROUNDS = 30;

    /** @var array<int, float> heat of each cell, in J/m³ */
    private array $heat = [];

    /** @var array<int, float> */
    private array $volume;

    /** @var array<int, float> */
    private array $between;

    /** @var array<int, float> °C of the cells */
    private array $celsius = [];

    private float $time = 0.0;

    private float $step = self::FIRST_STEP;

    /** How many steps were good, and how many were taken anew. */
    public int $accepted = 0;
    public int $rejected = 0;

    /** Nothing in it melts: a step's equations are straight lines. */
    private readonly bool $straight;

    /** What has come in through both outer faces, and from heaters less losses; in J. */
    private float $came = 0.0;

    private readonly float $began;

    /** Temperature of what lies above where it is a mass; so below. */
    private float $above;
    private float $below;

    /**
     * @param float $tolerance in K of a step; finer for checks
     */
    public function __construct(
        private readonly Grid $grid,
        private Surrounding $top,
        private Surrounding $bottom,
        private readonly float $tolerance = self::TOLERANCE,
    ) {
        $this->volume = $grid->volume;
        $this->between = $grid->conductances();
        foreach ($grid->start as $i => $celsius) {
            $this->celsius[] = $celsius;
            $this->heat[] = $grid->of[$i]->heatAt($celsius);
        }
        $this->straight = [] === array_filter($grid->of, static fn(Substance $of): bool => $of->melts());
        $this->above = $top->celsius;
        $this->below = $bottom->celsius;
        $this->began = $this->held();
    }

    /**
     * Goes on until a time.
     *
     * @param callable(self): bool|null $watch told after every good step; false ends it early
     */
    public function until(float $seconds, ?callable $watch = null): void
    {
        while ($this->time < $seconds - 1e-9) {
            $step = min($this->step, $seconds - $this->time, self::LONGEST_STEP);
            $whole = $this->euler($this->heat, $this->above, $this->below, $step);
            $half = $this->euler($this->heat, $this->above, $this->below, $step / 2.0);
            $twice = null === $half ? null : $this->euler($half[0], $half[1], $half[2], $step / 2.0);
            if (null === $whole || null === $half || null === $twice) {
                $this->step = $step / 4.0;
                ++$this->rejected;
                if ($this->step < self::LEAST_STEP) {
                    throw ImpossibleModel::because('Heat changes too fast here to be followed.');
                }
                continue;
            }
            $error = max(abs($whole[1] - $twice[1]), abs($whole[2] - $twice[2]));
            $of = $this->grid->of;
            $better = [];
            foreach ($whole[0] as $i => $heat) {
                $better[] = 2.0 * $twice[0][$i] - $heat;
                $off = abs($heat - $twice[0][$i]) * $of[$i]->slopeOf($twice[0][$i]);
                $error = $off > $error ? $off : $error;
            }
            $next = $step * max(0.2, min(2.5, 0.9 * sqrt($this->tolerance / max($error, 1e-12))));
            if ($error > $this->tolerance && $step > self::LEAST_STEP) {
                $this->step = $next;
                ++$this->rejected;
                continue;
            }
            $this->heat = $better;
            foreach ($better as $i => $heat) {
                $this->celsius[$i] = $of[$i]->temperatureOf($heat);
            }
            [$this->above, $this->below] = [2.0 * $twice[1] - $whole[1], 2.0 * $twice[2] - $whole[2]];
            $this->came += 2.0 * ($half[3] + $twice[3]) - $whole[3];
            $this->time += $step;
            // A step that was cut short by the end says nothing about the next.
            $this->step = $step < $this->step ? max($this->step, $next) : $next;
            ++$this->accepted;
            if (null !== $watch && !$watch($this)) {
                return;
            }
        }
    }

    /** From now on something else lies above, or below: the press has opened, water runs over it. */
    public function surround(?Surrounding $top = null, ?Surrounding $bottom = null): void
    {
        if (null !== $top) {
            $this->top = $top;
            $this->above = $top->celsius;
        }
        if (null !== $bottom) {
            $this->bottom = $bottom;
            $this->below = $bottom->celsius;
        }
        $this->step = self::FIRST_STEP;
    }

    public function time(): float
    {
        return $this->time;
    }

    /** @return array<int, float> °C of the cells' middles */
    public function temperatures(): array
    {
        return $this->celsius;
    }

    /** °C of what lies above, where it is a mass that cools. */
    public function above(): float
    {
        return $this->above;
    }

    /** °C at the upper face of a slab, on its own side. */
    public function upperFace(string $slab): float
    {
        [$cell] = $this->grid->cellsOf[$slab];
        $higher = $this->celsius[$cell - 1] ?? null;

        return $this->celsius[$cell] +
            $this->grid->up[$cell] *
                (null === $higher
                    ? $this->intoTop()
                    : ($this->between[$cell - 1] ?? 0.0) * ($higher - $this->celsius[$cell]));
    }

    /** °C at the lower face of a slab, on its own side. */
    public function lowerFace(string $slab): float
    {
        [, $cell] = $this->grid->cellsOf[$slab];
        if (!isset($this->celsius[$cell + 1])) {
            return is_infinite($this->grid->down[$cell])
                ? $this->celsius[$cell]
                : $this->celsius[$cell] + $this->intoBottom() * $this->grid->down[$cell];
        }

        return $this->celsius[$cell] -
            $this->between[$cell] * ($this->celsius[$cell] - $this->celsius[$cell + 1]) * $this->grid->down[$cell];
    }

    /** How deep a slab has melted from its upper face, in m: its liquid parts laid on each other. */
    public function melted(string $slab): float
    {
        [$first, $last] = $this->grid->cellsOf[$slab];
        $deep = 0.0;
        for ($i = $first; $i <= $last; ++$i) {
            $deep += $this->grid->wide[$i] * $this->grid->of[$i]->liquidPart($this->celsius[$i]);
        }

        return $deep;
    }

    /** By how much the heat that is there differs from what was there and came in, as a part of what came and went. */
    public function imbalance(): float
    {
        return abs($this->held() - $this->began - $this->came) /
            max(1.0, abs($this->came), abs($this->held() - $this->began));
    }

    /** All heat of the stack, and of what lies on it where that is a mass; in J. */
    private function held(): float
    {
        $sum = 0.0;
        foreach ($this->heat as $i => $heat) {
            $sum += $heat * $this->volume[$i];
        }
        $sum += $this->top->isMass() ? $this->top->capacity * $this->grid->area[0] * $this->above : 0.0;

        return $sum +
            ($this->bottom->isMass()
                ? $this->bottom->capacity * $this->grid->area[count($this->volume)] * $this->below
                : 0.0);
    }

    private function intoTop(): float
    {
        return $this->top->through($this->grid->up[0], $this->grid->area[0]) * ($this->above - $this->celsius[0]);
    }

    private function intoBottom(): float
    {
        $last = count($this->celsius) - 1;

        return $this->bottom->through($this->grid->down[$last], $this->grid->area[$last + 1]) *
            ($this->below - $this->celsius[$last]);
    }

    /**
     * One step by the backward Euler rule.
     *
     * @param array<int, float> $before heat of the cells, in J/m³
     *
     * @return array{array<int, float>, float, float, float}|null heat of the cells, temperatures above and below, what
     *                                                            came in; null where Newton's rule does not end
     */
    private function euler(array $before, float $above, float $below, float $step): ?array
    {
        $of = $this->grid->of;
        $count = count($before);
        $last = $count - 1;
        $atTop = $this->top->through($this->grid->up[0], $this->grid->area[0]);
        $atBottom = $this->bottom->through($this->grid->down[$last], $this->grid->area[$count]);
        $heat = $before;
        [$up, $down] = [$above, $below];
        for ($round = 0; $round < self::MOST_ROUNDS; ++$round) {
            // What surrounds it is eliminated first: a mass follows its neighbour at once.
            [$topAt, $topFollows] = $this->top->follow($atTop, $this->grid->area[0], $above, $up, $step);
            [$bottomAt, $bottomFollows] = $this->bottom->follow(
                $atBottom,
                $this->grid->area[$count],
                $below,
                $down,
                $step,
            );
            [$heat, $largest] = $this->corrected(
                $before,
                $heat,
                [$atTop, $topAt, $topFollows],
                [$atBottom, $bottomAt, $bottomFollows],
                $step,
            );
            [$wasUp, $wasDown] = [$up, $down];
            $up = $topAt + $topFollows * $of[0]->temperatureOf($heat[0]);
            $down = $bottomAt + $bottomFollows * $of[$last]->temperatureOf($heat[$last]);
            // Straight lines are solved by one round, as long as no thermostat has turned on another.
            $solved =
                $this->straight &&
                $this->top->open($up) === $this->top->open($wasUp) &&
                $this->bottom->open($down) === $this->bottom->open($wasDown);
            if ($solved || max($largest, abs($up - $wasUp), abs($down - $wasDown)) < self::SOLVED) {
                return [$heat, $up, $down, $this->cameIn($heat, $up, $down, $atTop, $atBottom, $step)];
            }
        }

        return null;
    }

    /**
     * One round of Newton's: a tridiagonal system for the change of heat, solved downward and back.
     *
     * @param array<int, float> $before
     * @param array<int, float> $heat as the round before has it
     * @param array{float, float, float} $top conductance, and what is there: a part that stands and one that follows
     * @param array{float, float, float} $bottom
     *
     * @return array{array<int, float>, float} heat, and the largest change of temperature
     */
    private function corrected(array $before, array $heat, array $top, array $bottom, float $step): array
    {
        $of = $this->grid->of;
        $count = count($before);
        $last = $count - 1;
        [$atTop, $topAt, $topFollows] = $top;
        [$atBottom, $bottomAt, $bottomFollows] = $bottom;
        $temperature = $slope = [];
        for ($i = 0; $i < $count; ++$i) {
            $temperature[] = $of[$i]->temperatureOf($heat[$i]);
            $slope[] = $of[$i]->slopeOf($heat[$i]);
        }
        $gamma = $delta = [];
        $largest = 0.0;
        for ($i = 0; $i < $count; ++$i) {
            $part = $step / $this->volume[$i];
            $t = $temperature[$i];
            $diagonal = 1.0;
            $rest = $before[$i] - $heat[$i];
            if ($i > 0) {
                $g = $this->between[$i - 1] * $part;
                $rest += $g * ($temperature[$i - 1] - $t);
                $diagonal += $g * $slope[$i];
                $lower = -$g * $slope[$i - 1];
            } else {
                $rest += $atTop * $part * ($topAt + $topFollows * $t - $t);
                $diagonal += $atTop * $part * (1.0 - $topFollows) * $slope[0];
                $lower = 0.0;
            }
            if ($i < $last) {
                $g = $this->between[$i] * $part;
                $rest += $g * ($temperature[$i + 1] - $t);
                $diagonal += $g * $slope[$i];
                $upper = -$g * $slope[$i + 1];
            } else {
                $rest += $atBottom * $part * ($bottomAt + $bottomFollows * $t - $t);
                $diagonal += $atBottom * $part * (1.0 - $bottomFollows) * $slope[$i];
                $upper = 0.0;
            }
            $pivot = 0 === $i ? $diagonal : $diagonal - $lower * $gamma[$i - 1];
            $gamma[] = $upper / $pivot;
            $delta[] = ($rest - (0 === $i ? 0.0 : $lower * $delta[$i - 1])) / $pivot;
        }
        $change = 0.0;
        for ($i = $last; $i >= 0; --$i) {
            $change = $delta[$i] - $gamma[$i] * $change;
            $heat[$i] += $change;
            $moved = abs($change) * $slope[$i];
            $largest = $moved > $largest ? $moved : $largest;
        }

        return [$heat, $largest];
    }

    /** @param array<int, float> $heat */
    private function cameIn(array $heat, float $up, float $down, float $atTop, float $atBottom, float $step): float
    {
        $last = count($heat) - 1;
        $of = $this->grid->of;
        $top = $this->top->isMass()
            ? self::gain($this->top, $this->grid->area[0], $up)
            : $atTop * ($up - $of[0]->temperatureOf($heat[0]));
        $bottom = $this->bottom->isMass()
            ? self::gain($this->bottom, $this->grid->area[$last + 1], $down)
            : $atBottom * ($down - $of[$last]->temperatureOf($heat[$last]));

        return $step * ($top + $bottom);
    }

    /** What a mass gets from its heater, less what it loses to the room, in W. */
    private static function gain(Surrounding $mass, float $area, float $celsius): float
    {
        $open = max(0.0, min(1.0, ($mass->setting - $celsius) / Surrounding::BAND));

        return $area * ($mass->power * $open - $mass->loss * ($celsius - $mass->room));
    }
}
