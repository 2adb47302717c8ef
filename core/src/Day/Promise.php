<?php

declare(strict_types=1);

namespace Wubbin\Core\Day;

/** Whether work that nobody has taken on yet can be done by an instant, and what it would push aside. */
final readonly class Promise
{
    /**
     * @param int $ready when it would be over, in seconds since 1970
     * @param list<Pushed> $pushed what would be over later for it
     */
    private function __construct(public int $ready, public bool $kept, public array $pushed) {}

    /**
     * Laid into the plan as it is, and into one that is planned anew with it: the better of both is told. One in which
     * it is ready by then, and fewer others become late, is better.
     *
     * @param Timetable $plan as people know it
     * @param non-empty-list<Activity> $more of one group
     * @param array<string, int> $machines that it needs, and the plan does not, by id
     *
     * @throws Impossible where it needs what is not there
     */
    public static function of(Timetable $plan, array $more, array $machines, int $by): self
    {
        $day = new Day(
            [...array_values($plan->day->activities), ...$more],
            $plan->day->workshop->with(machines: $plan->day->workshop->machines + $machines),
            $plan->day->now,
        );
        $group = $more[0]->group;
        $best = null;
        foreach ([Scheduler::again($day, $plan->starts), Scheduler::first($day)] as $table) {
            $ready = $table->finishes()[$group];
            $promise = new self($ready, $ready <= $by, Pushed::between($plan, $table));
            $best = null === $best || $promise->cost() < $best->cost() ? $promise : $best;
        }

        return $best;
    }

    /** @return array{int, int, int, int} what less of is better, what counts most first */
    private function cost(): array
    {
        $late = count(array_filter($this->pushed, static fn(Pushed $one): bool => $one->newly));

        return [$late, (int) !$this->kept, count($this->pushed), $this->ready];
    }
}
