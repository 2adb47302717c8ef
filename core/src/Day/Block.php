<?php

declare(strict_types=1);

namespace Wubbin\Core\Day;

/** Things of one group that follow each other on one lane, seen as one. */
final readonly class Block
{
    /** What follows within so many seconds belongs to it. */
    private const TOGETHER_S = 150;

    /**
     * @param string $id of its first activity
     * @param string $kind key of what its lane is of
     * @param non-empty-list<string> $labels each once
     * @param int $seconds of work in it, without what lies between
     * @param list<int> $pieces numbers of those it is about, the first where several are done at once
     */
    private function __construct(
        public string $id,
        public string $kind,
        public int $lane,
        public string $group,
        public int $start,
        public int $end,
        public ?float $celsius,
        public bool $hands,
        public array $labels,
        public array $pieces,
        public bool $pinned,
        public bool $began,
        public int $seconds,
    ) {}

    /** @return list<self> of all lanes, each lane's in order */
    public static function all(Timetable $table): array
    {
        $order = $table->starts;
        asort($order);
        $blocks = [];
        foreach ($order as $id => $start) {
            $activity = $table->day->activities[$id];
            $end = $start + $activity->seconds;
            foreach ($table->lanes[$id] as $kind => $lanes) {
                foreach ($lanes as $lane) {
                    // Hands go from the press to the table and back: how hot it is is the machine's.
                    $block = new self(
                        $id,
                        $kind,
                        $lane,
                        $activity->group,
                        $start,
                        $end,
                        LaneKind::Hands->key() === $kind ? null : $activity->celsius,
                        $activity->hands,
                        [$activity->label],
                        null === $activity->piece ? [] : [$activity->piece],
                        null !== $activity->pinned,
                        null !== $activity->began,
                        $activity->seconds,
                    );
                    $key = $kind . ' ' . $lane;
                    $last = count($blocks[$key] ?? []) - 1;
                    if ($last >= 0 && $blocks[$key][$last]->goesOnWith($block)) {
                        $blocks[$key][$last] = $blocks[$key][$last]->and($block);
                    } else {
                        $blocks[$key][] = $block;
                    }
                }
            }
        }

        return array_merge(...array_values($blocks));
    }

    /** The session at the bench that it goes on with, by how `JobActivities` names what is of one; null of others. */
    public function session(): ?string
    {
        return 1 === preg_match('/ run (\S+) \d/', $this->id, $found) ? $found[1] : null;
    }

    private function goesOnWith(self $next): bool
    {
        return $next->group === $this->group &&
            $next->celsius === $this->celsius &&
            $next->start - $this->end <= self::TOGETHER_S &&
            !$next->pinned &&
            $next->began === $this->began;
    }

    private function and(self $next): self
    {
        return new self(
            $this->id,
            $this->kind,
            $this->lane,
            $this->group,
            $this->start,
            max($this->end, $next->end),
            $this->celsius,
            $this->hands,
            array_values(array_unique([...$this->labels, ...$next->labels])),
            array_values(array_unique([...$this->pieces, ...$next->pieces])),
            $this->pinned,
            $this->began,
            $this->seconds + $next->seconds,
        );
    }
}
