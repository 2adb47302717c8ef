<?php

declare(strict_types=1);

namespace Wubbin\Core\Day;

/**
 * The air of a room through a day: while something is hot, and until it is cold again, nothing is opened that burns;
 * and nothing is heated while such a thing is open.
 */
final class Room
{
    /** So long an iron or a plate takes to get cold, in s (assumed: half an hour, as the routes wait for it). */
    public const COLD_S = 1800;

    /** @var list<array{int, int}> when something is hot or not yet cold, apart and in order */
    private array $hot = [];

    /** @var list<array{int, int}> when something is open, apart and in order */
    private array $open = [];

    /** When what takes so long could begin, at the earliest. */
    public function free(Air $air, int $from, int $seconds): int
    {
        [$others, $after] = match ($air) {
            Air::Hot => [$this->open, self::COLD_S],
            Air::Vapour => [$this->hot, 0],
        };
        foreach ($others as [$start, $end]) {
            if ($from < $end && $from + $seconds + $after > $start) {
                $from = $end;
            }
        }

        return $from;
    }

    public function take(Air $air, int $start, int $seconds): void
    {
        if (Air::Hot === $air) {
            $this->hot = self::with($this->hot, $start, $start + $seconds + self::COLD_S);
        } else {
            $this->open = self::with($this->open, $start, $start + $seconds);
        }
    }

    /**
     * @param list<array{int, int}> $stretches
     *
     * @return list<array{int, int}>
     */
    private static function with(array $stretches, int $start, int $end): array
    {
        $before = $after = [];
        foreach ($stretches as [$from, $to]) {
            if ($to < $start) {
                $before[] = [$from, $to];
            } elseif ($from > $end) {
                $after[] = [$from, $to];
            } else {
                [$start, $end] = [min($start, $from), max($end, $to)];
            }
        }

        return [...$before, [$start, $end], ...$after];
    }
}
