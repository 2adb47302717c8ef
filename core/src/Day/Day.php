<?php

declare(strict_types=1);

namespace Wubbin\Core\Day;

/** All that is to be done, and what there is to do it with, from an instant on. */
final readonly class Day
{
    /** @var array<string, Activity> by id */
    public array $activities;

    /** @var list<non-empty-list<string>> activities that cannot be parted: each but the first may wait only so long */
    public array $blocks;

    /** @var list<int> how many other blocks each waits for */
    public array $waitsFor;

    /** @var array<int, list<int>> which wait for it, by block */
    public array $waited;

    /**
     * @var array<string, array<string, int>> how many lanes of each kind an activity needs (“hands”, “machine …”,
     *                                        “place …”)
     */
    public array $kinds;

    /**
     * Blocks that are laid before all others: what is under way or has its time from a person, and what leads to it.
     *
     * @var array<int, true>
     */
    public array $firm;

    /**
     * @param list<Activity> $activities
     *
     * @throws Impossible where something needs what is not there, or waits contradict each other
     */
    public function __construct(array $activities, public Workshop $workshop, public int $now)
    {
        $this->activities = array_combine(
            array_map(static fn(Activity $one): string => $one->id, $activities),
            $activities,
        );
        $longest = $workshop->hours->longest();
        foreach ($this->activities as $activity) {
            $this->check($activity, $longest);
        }
        $this->blocks = $this->inBlocks();
        $of = [];
        foreach ($this->blocks as $number => $block) {
            foreach ($block as $id) {
                $of[$id] = $number;
            }
        }
        [$this->waitsFor, $this->waited] = $this->links($of);
        $this->firm = $this->firm($of);
        $this->kinds = array_map(
            static fn(Activity $one): array => array_filter(
                [
                    LaneKind::Hands->key() => (int) $one->hands,
                    LaneKind::Machine->key($one->machine ?? '') => null === $one->machine ? 0 : 1,
                    LaneKind::Place->key($one->place ?? '') => null === $one->place ? 0 : $one->room,
                ],
                static fn(int $count): bool => $count > 0,
            ),
            $this->activities,
        );
    }

    /** The same work, in another shop or from another instant on. */
    public function with(?Workshop $workshop = null, ?int $now = null): self
    {
        return new self(array_values($this->activities), $workshop ?? $this->workshop, $now ?? $this->now);
    }

    /**
     * @param array<string, int> $of block of each activity
     *
     * @return array{list<int>, array<int, list<int>>}
     */
    private function links(array $of): array
    {
        $left = $next = [];
        foreach ($this->blocks as $number => $block) {
            $before = [];
            foreach ($block as $id) {
                foreach ($this->activities[$id]->after as $wait) {
                    if ($of[$wait->after] !== $number) {
                        $before[$of[$wait->after]] = true;
                    }
                }
            }
            $left[] = count($before);
            foreach (array_keys($before) as $one) {
                $next[$one][] = $number;
            }
        }

        return [$left, $next];
    }

    /**
     * @param array<string, int> $of block of each activity
     *
     * @return array<int, true>
     */
    private function firm(array $of): array
    {
        $next = [];
        foreach ($this->activities as $id => $activity) {
            if (null !== $activity->began || null !== $activity->pinned) {
                $next[] = $of[$id];
            }
        }
        $firm = [];
        while (null !== ($number = array_pop($next))) {
            if (isset($firm[$number])) {
                continue;
            }
            $firm[$number] = true;
            foreach ($this->blocks[$number] as $id) {
                foreach ($this->activities[$id]->after as $wait) {
                    $next[] = $of[$wait->after];
                }
            }
        }

        return $firm;
    }

    private function check(Activity $activity, int $longest): void
    {
        if ($activity->seconds < 0) {
            throw Impossible::because(sprintf('“%s” would take less than no time.', $activity->label), $activity->id);
        }
        if ($activity->hands && $this->workshop->hands < 1) {
            throw Impossible::because(
                'Nobody works in this shop. Enter the people who work on the page “Day”.',
                $activity->id,
            );
        }
        if (($activity->hands || $activity->attended) && [] === $this->workshop->hours->stretches) {
            throw Impossible::because('There are no working hours. Enter them on the page “Day”.', $activity->id);
        }
        if ($activity->hands && null === $activity->began && $activity->seconds > $longest) {
            throw Impossible::because(
                sprintf('“%s” takes longer than anybody here works without a break.', $activity->label),
                $activity->id,
            );
        }
        if (null !== $activity->machine && ($this->workshop->machines[$activity->machine] ?? 0) < 1) {
            throw Impossible::because(
                sprintf(
                    'There is no machine for “%s”: it needs the %s.',
                    $activity->label,
                    $this->workshop->name($activity->machine),
                ),
                $activity->id,
            );
        }
        if (null !== $activity->place && ($this->workshop->places[$activity->place] ?? 0) < $activity->room) {
            throw Impossible::because(
                sprintf('There is no room for “%s” on the %s.', $activity->label, $activity->place),
                $activity->id,
            );
        }
        foreach ($activity->after as $wait) {
            if (!isset($this->activities[$wait->after])) {
                throw Impossible::because(
                    sprintf('“%s” comes after something that is not there.', $activity->label),
                    $activity->id,
                );
            }
            if (null !== $wait->most && $wait->most < $wait->least) {
                throw Impossible::because(
                    sprintf('“%s” would have to wait longer than it may.', $activity->label),
                    $activity->id,
                );
            }
        }
    }

    /**
     * @return list<non-empty-list<string>>
     */
    private function inBlocks(): array
    {
        $order = $this->inOrder();
        /** @var array<string, string> $blockOf its first activity */
        $blockOf = [];
        $blocks = [];
        foreach ($order as $id) {
            $first = $id;
            foreach ($this->activities[$id]->after as $wait) {
                $first = null !== $wait->most ? $blockOf[$wait->after] : $first;
            }
            $blockOf[$id] = $first;
            $blocks[$first][] = $id;
        }

        return array_values($blocks);
    }

    /**
     * @return list<string> every activity after those that it comes after
     *
     * @throws Impossible where two wait for each other
     */
    private function inOrder(): array
    {
        $left = array_map(static fn(Activity $one): int => count($one->after), $this->activities);
        $next = [];
        foreach ($this->activities as $id => $activity) {
            foreach ($activity->after as $wait) {
                $next[$wait->after][] = $id;
            }
        }
        $ready = array_keys(array_filter($left, static fn(int $count): bool => 0 === $count));
        $order = [];
        while (null !== ($id = array_shift($ready))) {
            $order[] = $id;
            foreach ($next[$id] ?? [] as $after) {
                if (0 === --$left[$after]) {
                    $ready[] = $after;
                }
            }
        }
        if (count($order) < count($this->activities)) {
            $round = array_keys(array_filter($left, static fn(int $count): bool => $count > 0));
            throw Impossible::because(
                sprintf('“%s” waits for itself.', $this->activities[$round[0]]->label),
                $round[0],
            );
        }

        return $order;
    }
}
