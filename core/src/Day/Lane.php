<?php

declare(strict_types=1);

namespace Wubbin\Core\Day;

/** One pair of hands, one machine, or room for one piece: what it does and when, one thing after another. */
final class Lane
{
    /** @var list<int> */
    private array $starts = [];

    /** @var list<int> */
    private array $ends = [];

    /** @var list<float|null> */
    private array $celsius = [];

    /** @param string|null $machine kind of it, where changing its temperature takes time */
    public function __construct(private readonly Workshop $workshop, private readonly ?string $machine = null) {}

    /**
     * The earliest instant from one on when it is free for so long, with time to change its temperature before and
     * after.
     */
    public function free(int $from, int $seconds, ?float $celsius): int
    {
        $count = count($this->starts);
        // The first thing that is not over by then.
        [$low, $high] = [0, $count];
        while ($low < $high) {
            $middle = intdiv($low + $high, 2);
            $this->ends[$middle] > $from ? ($high = $middle) : ($low = $middle + 1);
        }

        return null === $this->machine || null === $celsius
            ? $this->gap($from, $seconds, $low)
            : $this->gapAt($celsius, $from, $seconds, $low);
    }

    /** Where no temperature has to be changed, which is asked most often by far. */
    private function gap(int $from, int $seconds, int $next): int
    {
        $at = $next > 0 ? max($from, $this->ends[$next - 1]) : $from;
        for ($count = count($this->starts); $next < $count; ++$next) {
            if ($at + $seconds <= $this->starts[$next]) {
                return $at;
            }
            $at = max($at, $this->ends[$next]);
        }

        return $at;
    }

    private function gapAt(float $celsius, int $from, int $seconds, int $next): int
    {
        $count = count($this->starts);
        $at = $from;
        for (; $next <= $count; ++$next) {
            if ($next > 0) {
                $at = max(
                    $at,
                    $this->ends[$next - 1] +
                        $this->workshop->change($this->machine, $this->celsius[$next - 1], $celsius),
                );
            }
            if (
                $next === $count ||
                $at + $seconds + $this->workshop->change($this->machine, $celsius, $this->celsius[$next]) <=
                    $this->starts[$next]
            ) {
                return $at;
            }
        }

        return $at;
    }

    public function take(int $start, int $seconds, ?float $celsius): void
    {
        [$low, $high] = [0, count($this->starts)];
        while ($low < $high) {
            $middle = intdiv($low + $high, 2);
            $this->starts[$middle] < $start ? ($low = $middle + 1) : ($high = $middle);
        }
        array_splice($this->starts, $low, 0, [$start]);
        array_splice($this->ends, $low, 0, [$start + $seconds]);
        array_splice($this->celsius, $low, 0, [$celsius]);
    }

    /** How often its temperature is changed. */
    public function changes(): int
    {
        $changes = 0;
        $was = null;
        foreach ($this->celsius as $is) {
            $changes += null !== $was && null !== $is && $was !== $is ? 1 : 0;
            $was = $is ?? $was;
        }

        return $changes;
    }

    /** Seconds within hours between the first and the last thing of a stretch in which it does nothing. */
    public function scattered(Hours $hours): int
    {
        $scattered = 0;
        $next = 0;
        foreach ($hours->stretches as [, $to]) {
            $last = null;
            while ($next < count($this->starts) && $this->starts[$next] < $to) {
                $scattered += null === $last ? 0 : max(0, $this->starts[$next] - $last);
                $last = $this->ends[$next];
                ++$next;
            }
        }

        return $scattered;
    }
}
