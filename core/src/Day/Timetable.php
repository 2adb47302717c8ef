<?php

declare(strict_types=1);

namespace Wubbin\Core\Day;

/** When each activity begins, and on which lane of what it needs. */
final readonly class Timetable
{
    /**
     * @param array<string, int>                $starts by activity
     * @param array<string, array<string, int>> $lanes  number of the lane, by kind (“hands”, “machine …”, “place …”), by activity
     */
    public function __construct(public Day $day, public array $starts, public array $lanes, public Score $score)
    {
    }

    public function ends(string $id): int
    {
        return $this->starts[$id] + $this->day->activities[$id]->seconds;
    }

    /**
     * The chain that decides when all is over: from the last activity back, each to what it had to wait for.
     *
     * @return list<array{id: string, because: string}> the first first; because is after, lane or begin
     */
    public function chain(): array
    {
        $last = null;
        foreach (array_keys($this->starts) as $id) {
            $last = null === $last || $this->ends($id) > $this->ends($last) ? $id : $last;
        }

        return null === $last ? [] : $this->chainTo($last);
    }

    /**
     * What decided when an activity begins, back to the first.
     *
     * @return list<array{id: string, because: string}>
     */
    public function chainTo(string $id): array
    {
        $chain = [];
        $seen = [];
        $before = $this->before();
        for ($because = 'end', $at = $id; null !== $at && !isset($seen[$at]);) {
            $seen[$at] = true;
            array_unshift($chain, ['id' => $at, 'because' => $because]);
            [$at, $because] = $this->waitedFor($at, $before[$at] ?? []);
        }

        return $chain;
    }

    /** @return array<string, array<string, string>> what lay on the same lane just before, by kind of lane, by activity */
    private function before(): array
    {
        $order = $this->starts;
        asort($order);
        $last = $before = [];
        foreach (array_keys($order) as $id) {
            foreach ($this->lanes[$id] as $kind => $lane) {
                if (isset($last[$kind][$lane])) {
                    $before[$id][$kind] = $last[$kind][$lane];
                }
                $last[$kind][$lane] = $id;
            }
        }

        return $before;
    }

    /**
     * @param array<string, string> $before on its lanes
     *
     * @return array{string|null, string} the activity whose end lets this one begin, and by what
     */
    private function waitedFor(string $id, array $before): array
    {
        $activity = $this->day->activities[$id];
        $start = $this->starts[$id];
        $best = [null, 'begin', -1];
        foreach ($activity->after as $wait) {
            $ready = $this->ends($wait->after) + $wait->least;
            if ($ready > $best[2] && $ready <= $start) {
                $best = [$wait->after, 'after', $ready];
            }
        }
        foreach ($before as $kind => $other) {
            $ready = $this->ends($other) + $this->day->workshop->change($activity->machine, $this->day->activities[$other]->celsius, $activity->celsius);
            if ($ready > $best[2] && $ready <= $start) {
                $best = [$other, $kind, $ready];
            }
        }

        return [$best[0], $best[1]];
    }

    /** @return list<string> groups that are late, the latest first */
    public function late(): array
    {
        $late = [];
        foreach ($this->day->activities as $id => $activity) {
            $by = null === $activity->due ? 0 : $this->ends($id) - $activity->due;
            if ($by > 0) {
                $late[$activity->group] = max($late[$activity->group] ?? 0, $by);
            }
        }
        arsort($late);

        return array_map(strval(...), array_keys($late));
    }
}
