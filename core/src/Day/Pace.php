<?php

declare(strict_types=1);

namespace Wubbin\Core\Day;

/** Whether work is ahead of the plan that people go by, or behind it. */
final readonly class Pace
{
    /**
     * Seconds of work ahead, or behind where it is below zero: what hands should have begun first of all that nobody
     * has begun, held against now. What comes later can be neither late nor early yet.
     *
     * @param array<string, int> $seen when each activity was to begin, in seconds since 1970
     *
     * @return int|null null where people go by no plan, or nothing of it is left
     */
    public static function ahead(Day $day, array $seen): ?int
    {
        $next = null;
        foreach ($day->activities as $id => $activity) {
            if ($activity->hands && null === $activity->began && isset($seen[$id])) {
                $next = min($next ?? \PHP_INT_MAX, $seen[$id]);
            }
        }

        return null === $next ? null : $day->workshop->hours->between($day->now, $next);
    }
}
