<?php

declare(strict_types=1);

namespace Wubbin\Core\Heat;

use Wubbin\Core\Route\HeatParameters;

/** Watches a stack while it is pressed: when what must come about does, and when something passes its limit. */
final class PressCourse
{
    /** Seconds after closing from when it holds; null as long as it does not. */
    public ?float $earliest = null;

    /** Seconds after closing at which it is ruined; null as long as it is not. */
    public ?float $latest = null;

    /** What ruined it. */
    public string $spoilt = '';

    /** When a press that was idling is back at its setting; null as long as it is not. */
    public ?float $countedFrom;

    /** @var list<array{float, list<float>, float}> time, temperatures by face, and depth melted in mm */
    public array $curve = [];

    /** °C that it must reach to hold. */
    public readonly ?float $reach;

    /** °C from which its wax melts. */
    public readonly float $solidus;

    private readonly string $medium;
    private readonly string $blank;
    private readonly string $last;

    /** mm that must have melted for it to hold. */
    private readonly ?float $deep;

    /** Seconds for which it must be reached. */
    private readonly float $hold;

    /** °C from which an idling press counts as back. */
    private readonly float $back;

    /** @var list<HeatLimit> */
    private array $limits;

    /** Since when it has been as hot as it must be. */
    private ?float $since = null;

    /** @var array<string, float>|null values at the step before */
    private ?array $before = null;

    public function __construct(HeatCase $case, HeatParameters $parameters, Draw $draw)
    {
        $this->medium = PressWindow::name($case, $case->medium);
        $this->blank = PressWindow::name($case, $case->blank);
        $this->last = PressWindow::name($case, count($case->layers) - 1);
        $value = static fn(string $id): ?float => null === $parameters->find($id)
            ? null
            : $draw->of($parameters->of($id));
        $need = 'need.' . $case->need;
        $this->reach = $value($need . '.reach_c');
        $this->deep = $value($need . '.melted_mm');
        $this->solidus = $value($case->layers[$case->blank]->substance . '.solidus') ?? 0.0;
        $this->limits = self::limitsOf($case, $parameters, $value);
        $this->hold = $parameters->holdOf($case->need);
        // What is closed at its setting counts at once.
        $this->countedFrom = null === $case->heater->idle ? 0.0 : null;
        $this->back = ($case->heater->setting->celsius ?? 0.0) - Surrounding::BAND;
    }

    /** @return list<HeatLimit> with when each was passed */
    public function limits(): array
    {
        return $this->limits;
    }

    public function hasBase(): bool
    {
        return $this->last !== $this->blank;
    }

    /** @return bool whether there is more to see */
    public function see(Conduction $now): bool
    {
        $time = $now->time();
        $is = [
            'source' => $now->above(),
            HeatLimit::BACKING => $now->upperFace($this->medium),
            HeatLimit::PRINTED_FACE => $now->upperFace($this->blank),
            HeatLimit::FILM => $now->lowerFace($this->medium),
            HeatLimit::MELTED => 1000.0 * $now->melted($this->blank),
            'time' => $time,
        ];
        $was = $this->before ?? ['time' => 0.0] + $is;
        $this->before = $is;
        $this->keep($is, $now);
        // Between two steps a straight line tells when a value was passed.
        $passed = static fn(string $what, float $value): ?float => $is[$what] < $value
            ? null
            : ($was[$what] >= $value
                ? $was['time']
                : $was['time'] + (($time - $was['time']) * ($value - $was[$what])) / ($is[$what] - $was[$what]));
        if (null !== $this->deep) {
            $this->earliest ??= $passed(HeatLimit::MELTED, $this->deep);
        } elseif (null !== $this->reach) {
            $this->since =
                $is[HeatLimit::PRINTED_FACE] >= $this->reach
                    ? $this->since ?? $passed(HeatLimit::PRINTED_FACE, $this->reach)
                    : null;
            $this->earliest ??=
                null !== $this->since && $time - $this->since >= $this->hold ? $this->since + $this->hold : null;
        }
        $this->countedFrom ??= $passed('source', $this->back);
        foreach ($this->limits as $i => $limit) {
            $this->limits[$i] = null !== $limit->atS ? $limit : $limit->passedAt($passed($limit->where, $limit->value));
            $at = $this->limits[$i]->atS;
            if ($limit->ends && null !== $at && (null === $this->latest || $at < $this->latest)) {
                [$this->latest, $this->spoilt] = [$at, $limit->what];
            }
        }

        // A little is gone on beyond the window, so that what follows is seen.
        return null === $this->latest || null === $this->earliest || $time < 1.5 * max($this->latest, $this->earliest);
    }

    /** @param array<string, float> $is */
    private function keep(array $is, Conduction $now): void
    {
        $kept = $this->curve[count($this->curve) - 1][0] ?? -1.0;
        if ($is['time'] - $kept > PressWindow::APART * $is['time']) {
            $this->curve[] = [
                $is['time'],
                [
                    $is['source'],
                    $is[HeatLimit::BACKING],
                    $is[HeatLimit::PRINTED_FACE],
                    $now->lowerFace($this->blank),
                    ...$this->hasBase() ? [$now->upperFace($this->last)] : [],
                ],
                $is[HeatLimit::MELTED],
            ];
        }
    }

    /**
     * All that may be harmed: the transfer itself, what it goes onto, and what fixes it.
     *
     * @param callable(string): ?float $value of a parameter, null where there is none
     *
     * @return list<HeatLimit>
     */
    private static function limitsOf(HeatCase $case, HeatParameters $parameters, callable $value): array
    {
        $need = 'need.' . $case->need;
        $spoilt = $parameters->spoiltOf($case->need);
        [$celsius, $deep] = [$value($need . '.spoilt_c'), $value($need . '.spoilt_mm')];
        $limits = [];
        if (null !== $celsius) {
            $limits[] = new HeatLimit($spoilt, HeatLimit::FILM, $celsius);
        }
        if (null !== $deep) {
            $limits[] = new HeatLimit($spoilt, HeatLimit::MELTED, $deep);
        }
        array_push($limits, ...$case->limits);
        $stands = null === $case->tape ? null : $value('tape.' . $case->tape . '.stands_c');
        if (null !== $case->tape && null !== $stands) {
            // Plain tape is kept out from under the heat; that it would soften there is told.
            $limits[] = new HeatLimit(
                $parameters->spoiltOf('tape.' . $case->tape),
                HeatLimit::BACKING,
                $stands,
                HeatParameters::HEAT_TAPE === $case->tape,
            );
        }

        return $limits;
    }
}
