<?php

declare(strict_types=1);

namespace Wubbin\Core\Day;

/** How good a timetable is; less is better, and what comes first counts first. */
final readonly class Score
{
    /**
     * @param float $late seconds, each by its weight
     * @param int $finish when all is over
     * @param int $changes of temperature
     * @param int $scattered seconds that hands stand about between things
     */
    public function __construct(public float $late, public int $finish, public int $changes, public int $scattered) {}

    public function beats(self $other): bool
    {
        return $this->order() < $other->order();
    }

    /** @return array{float, int, int, int} */
    public function order(): array
    {
        return [$this->late, $this->finish, $this->changes, $this->scattered];
    }
}
