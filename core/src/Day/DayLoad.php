<?php

declare(strict_types=1);

namespace Wubbin\Core\Day;

/** How much of a day's hours is planned. */
final readonly class DayLoad
{
    /**
     * @param string $day YYYY-MM-DD
     * @param int $hoursS that all hands together work, in s
     * @param int $loadS of them that are planned
     */
    private function __construct(public string $day, public int $hoursS, public int $loadS) {}

    /**
     * Days from now on, those without hours too.
     *
     * @return list<self>
     */
    public static function of(Timetable $table, \DateTimeZone $zone, int $days): array
    {
        $midnight = (new \DateTimeImmutable('@' . $table->day->now))->setTimezone($zone)->setTime(0, 0);
        $loads = [];
        for ($n = 0; $n < $days; ++$n) {
            // By the calendar: a day on which clocks change has 23 or 25 hours.
            $from = $midnight->modify(sprintf('+%d days', $n));
            [$begin, $end] = [$from->getTimestamp(), $from->modify('+1 day')->getTimestamp()];
            $load = 0;
            foreach ($table->day->activities as $id => $activity) {
                if ($activity->hands) {
                    $load += max(0, min($table->ends($id), $end) - max($table->starts[$id], $begin));
                }
            }
            $loads[] = new self(
                $from->format('Y-m-d'),
                $table->day->workshop->hands *
                    $table->day->workshop->hours->between(max($begin, $table->day->now), max($end, $table->day->now)),
                $load,
            );
        }

        return $loads;
    }
}
