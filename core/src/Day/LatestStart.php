<?php

declare(strict_types=1);

namespace Wubbin\Core\Day;

/** Until when everything may be left lying and nothing is late yet. */
final class LatestStart
{
    /** It is told to so many seconds. */
    private const STEP_S = 1800;

    /**
     * Found by halving, each instant tried by laying the same work from there on in the same order: at the instant that
     * is told nothing is late; a cleverer order might begin later still.
     *
     * @return int|null seconds since 1970; null where something is late already, or nothing is due
     */
    public static function of(Timetable $table): ?int
    {
        $day = $table->day;
        $dues = array_filter(array_map(static fn(Activity $one): ?int => $one->due, $day->activities), is_int(...));
        if ([] === $dues || $table->score->late > 0.0) {
            return null;
        }
        $at = [];
        foreach ($day->workshop->hours->stretches as [$from, $to]) {
            for ($instant = max($from, $day->now); $instant < min($to, max($dues)); $instant += self::STEP_S) {
                $at[] = $instant;
            }
        }
        [$good, $bad] = [-1, count($at)];
        while ($bad - $good > 1) {
            $middle = intdiv($good + $bad, 2);
            self::inTime($day, $at[$middle], $table->starts) ? ($good = $middle) : ($bad = $middle);
        }

        return $at[$good] ?? $day->now;
    }

    /** @param array<string, int> $starts */
    private static function inTime(Day $day, int $now, array $starts): bool
    {
        try {
            return 0.0 === Scheduler::again($day->with(now: $now), $starts)->score->late;
        } catch (Impossible) {
            return false;
        }
    }
}
