<?php

declare(strict_types=1);

namespace Wubbin\Core\Day;

/** A group that is over at another time than it was, by a change of the plan: seconds since 1970. */
final readonly class Pushed
{
    /** What is over within so many seconds of when it was is where it was. */
    private const SAME_S = 300;

    /**
     * @param bool $late it is late now
     * @param bool $newly it was not before
     */
    private function __construct(
        public string $group,
        public int $was,
        public int $is,
        public bool $late,
        public bool $newly,
    ) {}

    /** @return list<self> groups of both that are over later, what is newly late in front, then by how much */
    public static function between(Timetable $before, Timetable $after): array
    {
        $pushed = [];
        $was = $before->finishes();
        [$lateBefore, $lateAfter] = [array_flip($before->late()), array_flip($after->late())];
        foreach (array_intersect_key($after->finishes(), $was) as $group => $is) {
            if ($is - $was[$group] > self::SAME_S) {
                $late = isset($lateAfter[$group]);
                $pushed[] = new self($group, $was[$group], $is, $late, $late && !isset($lateBefore[$group]));
            }
        }
        usort(
            $pushed,
            static fn(self $one, self $other): int => [$other->newly, $other->is - $other->was] <=> [
                $one->newly,
                $one->is - $one->was,
            ],
        );

        return $pushed;
    }
}
