<?php

declare(strict_types=1);

namespace Wubbin\Core\Day;

/** What has become of a group's times since people last saw them: seconds since 1970. */
final readonly class Move
{
    /** What is moved by less is where it was, in s. */
    private const SAME_S = 300;

    /**
     * @param int $count of activities that moved
     * @param string $label of the first of them
     * @param int $was when that one began
     * @param int $over when all of the group was over; the same as now where that did not move
     */
    private function __construct(
        public string $group,
        public int $count,
        public string $label,
        public int $was,
        public int $is,
        public int $over,
        public int $end,
    ) {}

    /**
     * @param array<string, int> $seen by activity, when it was to begin
     * @param array<string, int> $over by group, when it was to be over
     *
     * @return list<self> of groups of which something has moved, the soonest first
     */
    public static function since(array $seen, array $over, Timetable $table): array
    {
        $moves = [];
        $ends = $table->finishes();
        $order = $table->starts;
        asort($order);
        foreach ($order as $id => $start) {
            $activity = $table->day->activities[$id];
            $group = $activity->group;
            if (isset($seen[$id]) && null === $activity->began && abs($seen[$id] - $start) > self::SAME_S) {
                $first =
                    $moves[$group] ??
                    new self(
                        $group,
                        0,
                        $activity->label,
                        $seen[$id],
                        $start,
                        $over[$group] ?? $ends[$group],
                        $ends[$group],
                    );
                $moves[$group] = new self(
                    $group,
                    $first->count + 1,
                    $first->label,
                    $first->was,
                    $first->is,
                    $first->over,
                    $first->end,
                );
            }
        }

        return array_values($moves);
    }
}
