<?php

declare(strict_types=1);

namespace Wubbin\Core\Day;

/**
 * Lays activities onto lanes in an order of preference, each as early as it can be: a serial schedule generation scheme
 * (Kolisch & Hartmann, 1999, from memory), with activities that cannot be parted laid as one.
 */
final class Laying
{
    /** So often a block is tried later, until its waits are kept, before it is given up. */
    private const TRIES = 4000;

    /** @var array<string, non-empty-list<Lane>> by kind */
    private array $lanes = [];

    private readonly Room $room;

    /** @var array<string, int> */
    private array $starts = [];

    /** @var array<string, array<string, non-empty-list<int>>> */
    private array $taken = [];

    private function __construct(private readonly Day $day)
    {
        $workshop = $day->workshop;
        $this->room = new Room();
        for ($n = 0; $n < $workshop->hands; ++$n) {
            $this->lanes[LaneKind::Hands->key()][] = new Lane($workshop);
        }
        foreach ($workshop->machines as $machine => $count) {
            for ($n = 0; $n < $count; ++$n) {
                $this->lanes[LaneKind::Machine->key($machine)][] = new Lane($workshop, $machine);
            }
        }
        foreach ($workshop->places as $place => $room) {
            for ($n = 0; $n < $room; ++$n) {
                $this->lanes[LaneKind::Place->key($place)][] = new Lane($workshop);
            }
        }
        foreach ($workshop->closed as $kind => $lanes) {
            foreach ($lanes as $n => $until) {
                if ($until > $day->now && isset($this->lanes[$kind][$n])) {
                    $this->lanes[$kind][$n]->take($day->now, $until - $day->now, null);
                }
            }
        }
    }

    /**
     * @param list<float|int> $ranks of the day's blocks: of those that could be laid next, the least is
     *
     * @throws Impossible where a wait cannot be kept, or hands never have the time
     */
    public static function fromRanks(Day $day, array $ranks): Timetable
    {
        $laying = new self($day);
        [$left, $next] = [$day->waitsFor, $day->waited];
        $key = static fn(int $block): array => [isset($day->firm[$block]) ? 0 : 1, $ranks[$block], $block];
        /** @var \SplMinHeap<array{int, float|int, int}> $ready */
        $ready = new \SplMinHeap();
        foreach ($left as $block => $count) {
            if (0 === $count) {
                $ready->insert($key($block));
            }
        }
        while (!$ready->isEmpty()) {
            [, , $block] = $ready->extract();
            $laying->lay($day->blocks[$block]);
            foreach ($next[$block] ?? [] as $after) {
                if (0 === --$left[$after]) {
                    $ready->insert($key($after));
                }
            }
        }

        return new Timetable($day, $laying->starts, $laying->taken, $laying->score());
    }

    /** @param non-empty-list<string> $block */
    private function lay(array $block): void
    {
        $begin = $this->day->now;
        for ($try = 0; $try < self::TRIES; ++$try) {
            $placed = $lanes = [];
            $later = 0;
            foreach ($block as $n => $id) {
                $activity = $this->day->activities[$id];
                [$start, $lanes[$id]] =
                    null !== $activity->began
                        ? $this->underWay($activity, $activity->began)
                        : $this->earliest(
                            $activity,
                            $this->ready($activity, $placed, 0 === $n ? $begin : $this->day->now),
                        );
                $later = max($later, $this->tooLate($activity, $placed, $start));
                $placed[$id] = $start;
                if ($later > 0) {
                    break;
                }
            }
            if (0 === $later) {
                foreach ($placed as $id => $start) {
                    $this->take($this->day->activities[$id], $start, $lanes[$id]);
                }

                return;
            }
            // What follows could not come soon enough: the whole begins that much later.
            $begin = $placed[$block[0]] + $later;
        }
        throw Impossible::because(
            sprintf('The waits of “%s” are not possible.', $this->day->activities[$block[0]]->label),
            $block[0],
        );
    }

    /** @param array<string, int> $placed of its own block, beside what is laid already */
    private function ready(Activity $activity, array $placed, int $from): int
    {
        $ready = max($from, $activity->earliest ?? 0, $activity->pinned ?? 0);
        foreach ($activity->after as $wait) {
            $before = $this->day->activities[$wait->after];
            $end = ($placed[$wait->after] ?? $this->starts[$wait->after]) + $before->seconds;
            $ready = max($ready, $end + $wait->least);
            // Of one block nothing is laid yet that the lane could know of.
            if (isset($placed[$wait->after]) && null !== $before->machine && $before->machine === $activity->machine) {
                $ready = max(
                    $ready,
                    $end + $this->day->workshop->change($activity->machine, $before->celsius, $activity->celsius),
                );
            }
        }

        return $ready;
    }

    /** @param array<string, int> $placed */
    private function tooLate(Activity $activity, array $placed, int $start): int
    {
        $late = 0;
        foreach ($activity->after as $wait) {
            if (null !== $wait->most) {
                $end =
                    ($placed[$wait->after] ?? $this->starts[$wait->after]) +
                    $this->day->activities[$wait->after]->seconds;
                $late = max($late, $start - $end - $wait->most);
            }
        }

        return $late;
    }

    /**
     * What is under way is not asked whether hands or machine are free: it has them, as far as there are any.
     *
     * @return array{int, array<string, non-empty-list<int>>}
     */
    private function underWay(Activity $activity, int $began): array
    {
        $lanes = [];
        foreach ($this->day->kinds[$activity->id] as $kind => $room) {
            $free = [];
            foreach ($this->lanes[$kind] as $n => $lane) {
                if ($lane->free($began, $activity->seconds, null) === $began && count($free) < $room) {
                    $free[] = $n;
                }
            }
            if ([] !== $free) {
                $lanes[$kind] = $free;
            }
        }

        return [$began, $lanes];
    }

    /** @return array{int, array<string, non-empty-list<int>>} when it could begin, and on which lanes of each kind */
    private function earliest(Activity $activity, int $from): array
    {
        $kinds = $this->day->kinds[$activity->id];
        $at = $from;
        do {
            $began = $at;
            if ($activity->hands || $activity->attended) {
                $at =
                    $this->day->workshop->hours->from($at, $activity->hands ? $activity->seconds : 1) ??
                    throw Impossible::because(
                        sprintf('Nobody has time left for “%s” in the hours that are known.', $activity->label),
                        $activity->id,
                    );
            }
            if (null !== $activity->air && !$this->day->workshop->apart) {
                $at = $this->room->free($activity->air, $at, $activity->seconds);
            }
            $lanes = [];
            foreach ($kinds as $kind => $room) {
                [$lanes[$kind], $at] = $this->free(
                    $kind,
                    $room,
                    $at,
                    $activity->seconds,
                    LaneKind::Hands->key() === $kind ? null : $activity->celsius,
                );
            }
        } while ($at > $began);

        return [$at, $lanes];
    }

    /**
     * @return array{non-empty-list<int>, int} the lanes of a kind that are free first, so many, and when they all are
     */
    private function free(string $kind, int $room, int $from, int $seconds, ?float $celsius): array
    {
        if (1 === $room) {
            $best = \PHP_INT_MAX;
            $which = 0;
            foreach ($this->lanes[$kind] as $n => $lane) {
                $free = $lane->free($from, $seconds, $celsius);
                if ($free < $best) {
                    [$best, $which] = [$free, $n];
                }
                if ($free === $from) {
                    break;
                }
            }

            return [[$which], $best];
        }
        $free = array_map(static fn(Lane $lane): int => $lane->free($from, $seconds, $celsius), $this->lanes[$kind]);
        asort($free);
        $lanes = array_slice(array_keys($free), 0, $room);

        return [[] === $lanes ? [0] : $lanes, max($from, ...array_slice(array_values($free), 0, $room))];
    }

    /** @param array<string, non-empty-list<int>> $lanes */
    private function take(Activity $activity, int $start, array $lanes): void
    {
        foreach ($lanes as $kind => $numbers) {
            foreach ($numbers as $n) {
                $this->lanes[$kind][$n]->take(
                    $start,
                    $activity->seconds,
                    LaneKind::Hands->key() === $kind ? null : $activity->celsius,
                );
            }
        }
        if (null !== $activity->air) {
            $this->room->take($activity->air, $start, $activity->seconds);
        }
        $this->starts[$activity->id] = $start;
        $this->taken[$activity->id] = $lanes;
    }

    private function score(): Score
    {
        $late = 0.0;
        $finish = $this->day->now;
        foreach ($this->starts as $id => $start) {
            $activity = $this->day->activities[$id];
            $end = $start + $activity->seconds;
            $finish = max($finish, $end);
            $late += null === $activity->due ? 0.0 : $activity->weight * max(0, $end - $activity->due);
        }
        $changes = $scattered = 0;
        foreach ($this->lanes as $kind => $lanes) {
            foreach ($lanes as $lane) {
                $changes += LaneKind::Hands->key() === $kind ? 0 : $lane->changes();
                $scattered += LaneKind::Hands->key() === $kind ? $lane->scattered($this->day->workshop->hours) : 0;
            }
        }

        return new Score($late, $finish, $changes, $scattered);
    }
}
