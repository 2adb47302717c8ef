<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Day;

use Wubbin\Core\Day\Air;
use Wubbin\Core\Day\Timetable;

/** Holds a timetable against the rules, instant by instant, with none of the scheduler's own arithmetic. */
final readonly class Checker
{
    /** @return list<string> what is wrong with it */
    public static function of(Timetable $table): array
    {
        $wrong = [];
        $day = $table->day;
        foreach ($day->activities as $id => $activity) {
            if (!isset($table->starts[$id])) {
                $wrong[] = $id . ' is not planned';
                continue;
            }
            $start = $table->starts[$id];
            $end = $start + $activity->seconds;
            if (null !== $activity->began) {
                if ($start !== $activity->began) {
                    $wrong[] = $id . ' is under way and was moved';
                }
                continue;
            }
            if ($start < $day->now || $start < ($activity->earliest ?? 0)) {
                $wrong[] = $id . ' begins too early';
            }
            foreach ($activity->after as $wait) {
                $gap = $start - $table->starts[$wait->after] - $day->activities[$wait->after]->seconds;
                if ($gap < $wait->least || (null !== $wait->most && $gap > $wait->most)) {
                    $wrong[] = sprintf('%s waits %d s after %s', $id, $gap, $wait->after);
                }
            }
            $within = array_filter(
                $day->workshop->hours->stretches,
                static fn(array $one): bool => $one[0] <= $start && $end <= $one[1],
            );
            if (
                $activity->attended &&
                [] ===
                    array_filter(
                        $day->workshop->hours->stretches,
                        static fn(array $one): bool => $one[0] <= $start && $start < $one[1],
                    )
            ) {
                $wrong[] = $id . ' is begun when nobody is there';
            }
            if ($activity->hands && [] === $within) {
                $wrong[] = $id . ' is done out of hours';
            }
        }
        foreach (
            ['hands' => $day->workshop->hands] +
                self::named('machine', $day->workshop->machines) +
                self::named('place', $day->workshop->places)
            as $kind => $room
        ) {
            $wrong = [...$wrong, ...self::used($table, $kind, $room)];
        }

        return $day->workshop->apart ? $wrong : [...$wrong, ...self::besideHeat($table)];
    }

    /** @return list<string> what is opened while something is hot, or not cold yet */
    private static function besideHeat(Timetable $table): array
    {
        $wrong = [];
        foreach ($table->day->activities as $hot => $heated) {
            foreach (Air::Hot === $heated->air ? $table->day->activities : [] as $id => $activity) {
                $apart =
                    $table->starts[$id] + $activity->seconds <= $table->starts[$hot] ||
                    $table->starts[$id] >= $table->starts[$hot] + $heated->seconds + 1800;
                if (Air::Vapour === $activity->air && !$apart) {
                    $wrong[] = $id . ' is opened beside the heat of ' . $hot;
                }
            }
        }

        return $wrong;
    }

    /**
     * @param array<string, int> $rooms
     *
     * @return array<string, int>
     */
    private static function named(string $kind, array $rooms): array
    {
        return array_combine(
            array_map(static fn(string $one): string => $kind . ' ' . $one, array_keys($rooms)),
            $rooms,
        );
    }

    /** @return list<string> */
    private static function used(Timetable $table, string $kind, int $room): array
    {
        $wrong = [];
        $lanes = [];
        foreach ($table->day->activities as $id => $activity) {
            $needs = match (true) {
                'hands' === $kind => $activity->hands,
                str_starts_with($kind, 'machine ') => 'machine ' . $activity->machine === $kind,
                default => 'place ' . $activity->place === $kind,
            };
            if (null === $activity->began && $needs !== isset($table->lanes[$id][$kind])) {
                $wrong[] = $id . ' has not what it needs of ' . $kind;
            } elseif ($needs && isset($table->lanes[$id][$kind])) {
                $takes = $table->lanes[$id][$kind];
                if (count(array_unique($takes)) !== (str_starts_with($kind, 'place ') ? $activity->room : 1)) {
                    $wrong[] = $id . ' takes up another room than its own on ' . $kind;
                }
                foreach ($takes as $lane) {
                    $lanes[$lane][$table->starts[$id]][] = $id;
                }
            }
        }
        if ([] !== $lanes && max(array_keys($lanes)) >= $room) {
            $wrong[] = 'there are only ' . $room . ' of ' . $kind;
        }
        foreach ($lanes as $lane) {
            ksort($lane);
            $order = array_merge(...array_values($lane));
            foreach (array_slice($order, 1) as $n => $id) {
                $before = $table->day->activities[$order[$n]];
                $after = $table->day->activities[$id];
                $gap = $table->starts[$id] - $table->starts[$before->id] - $before->seconds;
                if ($gap < 0 && $after->seconds > 0 && $before->seconds > 0) {
                    $wrong[] = $id . ' and ' . $before->id . ' at once on ' . $kind;
                }
                if (str_starts_with($kind, 'machine ') && null !== $before->celsius && null !== $after->celsius) {
                    $pays =
                        abs($before->celsius - $after->celsius) *
                        ($table->day->workshop->heating[substr($kind, 8)] ?? 0.0);
                    if ($gap < $pays - 1e-9) {
                        $wrong[] = sprintf(
                            '%s: %d s are too few for %.0f K',
                            $id,
                            $gap,
                            abs($before->celsius - $after->celsius),
                        );
                    }
                }
            }
        }

        return $wrong;
    }
}
