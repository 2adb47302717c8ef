<?php

declare(strict_types=1);

namespace Wubbin\Core\Day;

/** When each activity begins, and on which lane of what it needs. */
final readonly class Timetable
{
    /**
     * @param array<string, int> $starts by activity
     * @param array<string, array<string, non-empty-list<int>>> $lanes numbers of the lanes that an activity is on, by
     *                                                                 the activity and the key of their kind
     */
    public function __construct(public Day $day, public array $starts, public array $lanes, public Score $score) {}

    public function ends(string $id): int
    {
        return $this->starts[$id] + $this->day->activities[$id]->seconds;
    }

    /** @return array<string, int> when each group is over */
    public function finishes(): array
    {
        $ends = [];
        foreach ($this->day->activities as $id => $activity) {
            $ends[$activity->group] = max($ends[$activity->group] ?? \PHP_INT_MIN, $this->ends($id));
        }

        return $ends;
    }

    /**
     * The chain that decides when all is over: from the last activity back, each to what it had to wait for.
     *
     * @return list<Link> the first first
     */
    public function chain(): array
    {
        return $this->chainTo(array_keys($this->starts));
    }

    /** @return list<Link> what decided when a group is over */
    public function chainOf(string $group): array
    {
        return $this->chainTo(
            array_keys(array_filter($this->day->activities, static fn(Activity $one): bool => $one->group === $group)),
        );
    }

    /**
     * What decided when the last of some activities is over, back to the first.
     *
     * @param list<string> $ids
     *
     * @return list<Link>
     */
    private function chainTo(array $ids): array
    {
        $last = null;
        foreach ($ids as $id) {
            $last = null === $last || $this->ends($id) > $this->ends($last) ? $id : $last;
        }
        $chain = [];
        $seen = [];
        $before = $this->before();
        $airs = $this->airs();
        for ($at = $last; null !== $at && !isset($seen[$at]); ) {
            $seen[$at] = true;
            [$earlier, $waited] = $this->waitedFor($at, $before[$at] ?? [], $airs);
            // Why this one waited stands with it; what came after it is in the chain already.
            array_unshift(
                $chain,
                new Link(
                    $this->day->activities[$at]->group,
                    [$this->day->activities[$at]->label],
                    $waited,
                    $this->starts[$at],
                    $this->ends($at),
                ),
            );
            $at = $earlier;
        }

        return Link::merged($chain);
    }

    /**
     * @return array<string, array<string, string>> what lay on the same lane just before, by kind of lane, by activity
     */
    private function before(): array
    {
        $order = $this->starts;
        asort($order);
        $last = $before = [];
        foreach (array_keys($order) as $id) {
            foreach ($this->lanes[$id] as $kind => $lanes) {
                foreach ($lanes as $lane) {
                    if (
                        isset($last[$kind][$lane]) &&
                        (!isset($before[$id][$kind]) ||
                            $this->ends($last[$kind][$lane]) > $this->ends($before[$id][$kind]))
                    ) {
                        $before[$id][$kind] = $last[$kind][$lane];
                    }
                    $last[$kind][$lane] = $id;
                }
            }
        }

        return $before;
    }

    /**
     * @param array<string, string> $before on its lanes
     * @param array<string, list<string>> $airs activities by what they do to the air
     *
     * @return array{string|null, string} the activity whose end lets this one begin, and by what
     */
    private function waitedFor(string $id, array $before, array $airs): array
    {
        $activity = $this->day->activities[$id];
        $start = $this->starts[$id];
        $best = [null, Link::BEGIN, -1];
        foreach ($activity->after as $wait) {
            $ready = $this->ends($wait->after) + $wait->least;
            if ($ready > $best[2] && $ready <= $start) {
                $best = [$wait->after, Link::AFTER, $ready];
            }
        }
        foreach ($before as $kind => $other) {
            $ready =
                $this->ends($other) +
                $this->day->workshop->change(
                    $activity->machine,
                    $this->day->activities[$other]->celsius,
                    $activity->celsius,
                );
            if ($ready > $best[2] && $ready <= $start) {
                $best = [$other, $kind, $ready];
            }
        }

        foreach (self::opposite($activity, $airs) as $other) {
            $ready = $this->ends($other) + (Air::Vapour === $activity->air ? Room::COLD_S : 0);
            if ($ready > $best[2] && $ready <= $start) {
                $best = [$other, Link::AIR, $ready];
            }
        }

        return [$best[0], $best[1]];
    }

    /** @return array<string, list<string>> activities by what they do to the air; none where that is kept apart */
    private function airs(): array
    {
        $airs = [];
        foreach ($this->day->workshop->apart ? [] : $this->day->activities as $id => $one) {
            if (null !== $one->air) {
                $airs[$one->air->name][] = $id;
            }
        }

        return $airs;
    }

    /**
     * @param array<string, list<string>> $airs
     *
     * @return list<string> what may not be done beside it in one room
     */
    private static function opposite(Activity $activity, array $airs): array
    {
        return null === $activity->air
            ? []
            : array_merge(...array_values(array_diff_key($airs, [$activity->air->name => 0])));
    }

    /** @return list<string> activities that could not begin when a person wanted them to */
    public function unkept(): array
    {
        return array_keys(
            array_filter(
                $this->day->activities,
                fn(Activity $one): bool => null !== $one->pinned && $this->starts[$one->id] !== $one->pinned,
            ),
        );
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
