<?php

declare(strict_types=1);

namespace Wubbin\Day;

use Wubbin\Core\Day\Day;
use Wubbin\Job\DueJob;

/** What there is to plan, and whose it is. */
final readonly class Agenda
{
    /** @var array<string, string> of jobs, by id */
    public array $names;

    /**
     * @param array<string, DueJob> $jobs by id
     * @param list<string> $later names of jobs that are more than is planned at once
     * @param list<array{string, int}> $lost jobs and instants of pins whose work is not planned as such any more
     */
    public function __construct(public Day $day, public array $jobs, public array $later, public array $lost)
    {
        $this->names = array_map(static fn(DueJob $one): string => $one->job->name, $jobs);
    }

    /**
     * What a session at the bench goes on with has the place that its job had first.
     *
     * @param array<string, int> $seen by activity
     *
     * @return array<string, int>
     */
    public function begun(array $seen): array
    {
        $first = $begun = [];
        foreach ($seen as $id => $start) {
            $job = strstr($id, ' ', true);
            $first[$job] = min($first[$job] ?? \PHP_INT_MAX, $start);
        }
        foreach ($this->day->activities as $id => $activity) {
            if (!isset($seen[$id]) && str_starts_with($id, $activity->group . ' run ')) {
                $begun[$id] = $first[$activity->group] ?? $this->day->now;
            }
        }

        return $begun;
    }
}
