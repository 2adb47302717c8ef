<?php

declare(strict_types=1);

namespace Wubbin\Core\Day;

use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Looks for a good timetable: orders of preference are changed a little at a time and laid anew, and one is gone on
 * with where it is no worse than some while ago (late acceptance hill climbing, Burke & Bykov, 2017, from memory). The
 * same seed and number of tries give the same timetable.
 */
final readonly class Scheduler
{
    /** How many tries ago an order is held against. */
    private const MEMORY = 40;

    /** One change in so many moves a whole group. */
    private const GROUP_EVERY = 6;
    private const MOST_WHOLE = 100;

    /**
     * What counts later is weighed so against a second of the finish: a change of temperature in s, and hands standing
     * about.
     */
    private const LATE = 1000.0;
    private const CHANGE_S = 60.0;
    private const SCATTERED = 0.02;

    /**
     * The best of some simple orders: by when it is due, by what still follows, and by temperature.
     *
     * @throws Impossible
     */
    public static function first(Day $day): Timetable
    {
        return self::laid($day)[0];
    }

    /**
     * @param callable(int, Timetable): bool $goOn told how many orders were tried and the best of them; false ends it
     *
     * @throws Impossible
     */
    public static function best(Day $day, int $seed, callable $goOn): Timetable
    {
        $random = new Randomizer(new Mt19937($seed));
        [$best, $ranks] = self::laid($day);
        $current = $best;
        $count = count($ranks);
        $groups = [];
        foreach ($day->blocks as $number => $block) {
            $groups[$day->activities[$block[0]]->group][] = $number;
        }
        $value = self::value($best->score, $day);
        $memory = array_fill(0, self::MEMORY, $value);
        // First whole groups are tried in each other's place, then parts of them.
        $whole = min(self::MOST_WHOLE, count($groups) ** 2);
        for ($try = 1; $count > 1 && $goOn($try, $best); ++$try) {
            $changed = self::changed(
                $ranks,
                $groups,
                $current->late(),
                $try <= $whole || 0 === $random->getInt(0, self::GROUP_EVERY - 1),
                $random,
            );
            $table = Laying::fromRanks($day, $changed);
            $now = self::value($table->score, $day);
            $at = $try % self::MEMORY;
            if ($now <= $value || $now <= $memory[$at]) {
                [$ranks, $value, $current] = [$changed, $now, $table];
            }
            $memory[$at] = $value;
            $best = $table->score->beats($best->score) ? $table : $best;
        }

        return $best;
    }

    /**
     * What is left to do, laid in the order in which it was planned before, so that as little moves as can be.
     *
     * @param array<string, int> $starts by activity, as they were
     *
     * @throws Impossible
     */
    public static function again(Day $day, array $starts): Timetable
    {
        // What is new of a group goes behind the last of it.
        $groups = [];
        foreach ($day->activities as $id => $activity) {
            if (isset($starts[$id])) {
                $groups[$activity->group] = max($groups[$activity->group] ?? 0, $starts[$id] + 1);
            }
        }
        $rank = static fn(string $id): int => $starts[$id] ?? ($groups[$day->activities[$id]->group] ?? \PHP_INT_MAX);

        return Laying::fromRanks(
            $day,
            array_map(static fn(array $block): int => min(array_map($rank, $block)), $day->blocks),
        );
    }

    /** @return array{Timetable, list<float>} */
    private static function laid(Day $day): array
    {
        $tails = self::tails($day);
        $dues = self::dues($day);
        $best = null;
        foreach (['due', 'tail', 'celsius'] as $by) {
            $ranks = self::placed(
                array_map(
                    static fn(array $block): array => self::key(
                        $by,
                        $day,
                        $block,
                        $tails[$block[0]],
                        $dues[$day->activities[$block[0]]->group],
                    ),
                    $day->blocks,
                ),
            );
            $table = Laying::fromRanks($day, $ranks);
            if (null === $best || $table->score->beats($best[0]->score)) {
                $best = [$table, $ranks];
            }
        }

        return $best;
    }

    /**
     * One block is preferred to another or put behind it, or all of a group with it: of those that are late as often as
     * of all others.
     *
     * @param list<float> $ranks
     * @param array<string, non-empty-list<int>> $groups
     * @param list<string> $late
     * @param bool $whole a group
     *
     * @return list<float>
     */
    private static function changed(array $ranks, array $groups, array $late, bool $whole, Randomizer $random): array
    {
        $names = [] !== $late && 0 === $random->getInt(0, 1) ? $late : array_keys($groups);
        $group = $groups[$names[$random->getInt(0, count($names) - 1)]];
        $to = $ranks[$random->getInt(0, count($ranks) - 1)] + (0 === $random->getInt(0, 1) ? 0.5 : -0.5);
        if ($whole) {
            // Together, so that they keep their order among themselves.
            $by = $to - min(array_map(static fn(int $block): float => $ranks[$block], $group));
            foreach ($group as $block) {
                $ranks[$block] += $by;
            }
        } else {
            $ranks[$group[$random->getInt(0, count($group) - 1)]] = $to;
        }

        // Ranks are made whole again, so that none lie on each other.
        return self::placed($ranks);
    }

    /**
     * @param non-empty-list<string> $block
     * @param int $tail seconds from its beginning to the end of all that follows from it
     *
     * @return array{float, float} less is laid sooner
     */
    private static function key(string $by, Day $day, array $block, int $tail, float $due): array
    {
        return match ($by) {
            'due' => [$due - $tail, (float) -$tail],
            'tail' => [(float) -$tail, 0.0],
            default => [self::celsius($day, $block), $due - $tail],
        };
    }

    /**
     * @param array<int, mixed> $keys
     *
     * @return list<float> the place of each among the others
     */
    private static function placed(array $keys): array
    {
        asort($keys);
        $places = array_flip(array_keys($keys));
        ksort($places);

        return array_map(floatval(...), array_values($places));
    }

    private static function value(Score $score, Day $day): float
    {
        return self::LATE * $score->late +
            ($score->finish - $day->now) +
            self::CHANGE_S * $score->changes +
            self::SCATTERED * $score->scattered;
    }

    /**
     * @return array<string,
     *     int> seconds from the beginning of each activity to the end of the longest that follows from it
     */
    private static function tails(Day $day): array
    {
        $next = $tails = [];
        foreach ($day->activities as $id => $activity) {
            foreach ($activity->after as $wait) {
                $next[$wait->after][] = [$id, $wait->least];
            }
        }
        foreach (array_reverse(array_merge(...$day->blocks)) as $id) {
            $tails[$id] = self::tail($id, $day, $next, $tails);
        }

        return $tails;
    }

    /**
     * @param array<string, list<array{string, int}>> $next
     * @param array<string, int> $known
     */
    private static function tail(string $id, Day $day, array $next, array &$known): int
    {
        if (!isset($known[$id])) {
            $longest = 0;
            foreach ($next[$id] ?? [] as [$after, $least]) {
                $longest = max($longest, $least + self::tail($after, $day, $next, $known));
            }
            $known[$id] = $day->activities[$id]->seconds + $longest;
        }

        return $known[$id];
    }

    /**
     * @return array<string,
     *     float> when the first of each group's activities that are due is due; infinite where none is
     */
    private static function dues(Day $day): array
    {
        $dues = [];
        foreach ($day->activities as $activity) {
            $dues[$activity->group] = min(
                $dues[$activity->group] ?? \INF,
                null === $activity->due ? \INF : (float) $activity->due,
            );
        }

        return $dues;
    }

    /** @param non-empty-list<string> $block */
    private static function celsius(Day $day, array $block): float
    {
        foreach ($block as $id) {
            if (null !== $day->activities[$id]->celsius) {
                return $day->activities[$id]->celsius;
            }
        }

        return 0.0;
    }
}
