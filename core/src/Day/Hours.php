<?php

declare(strict_types=1);

namespace Wubbin\Core\Day;

/** When hands work: stretches of time between breaks, nights and days off, rising and apart. */
final readonly class Hours
{
    /** @param list<array{int, int}> $stretches from and to, in seconds since 1970 */
    public function __construct(public array $stretches) {}

    /** The earliest instant from which hands have so long without a break; null where they never do. */
    public function from(int $instant, int $seconds): ?int
    {
        // The first stretch that ends after the instant.
        [$low, $high] = [0, count($this->stretches)];
        while ($low < $high) {
            $middle = intdiv($low + $high, 2);
            $this->stretches[$middle][1] > $instant ? ($high = $middle) : ($low = $middle + 1);
        }
        for ($at = $low; $at < count($this->stretches); ++$at) {
            $begin = max($instant, $this->stretches[$at][0]);
            if ($begin + $seconds <= $this->stretches[$at][1]) {
                return $begin;
            }
        }

        return null;
    }

    /** The same with one of the stretches going on for so many seconds more, as far as the next. */
    public function longer(int $stretch, int $seconds): self
    {
        $next = $this->stretches[$stretch + 1][0] ?? \PHP_INT_MAX;

        return new self(
            array_map(
                static fn(array $one, int $n): array => $n === $stretch
                    ? [$one[0], min($one[1] + $seconds, $next)]
                    : $one,
                $this->stretches,
                array_keys($this->stretches),
            ),
        );
    }

    /** Seconds that hands work between two instants; below zero where the second comes first. */
    public function between(int $from, int $to): int
    {
        if ($to < $from) {
            return -$this->between($to, $from);
        }

        return array_sum(
            array_map(static fn(array $one): int => max(0, min($to, $one[1]) - max($from, $one[0])), $this->stretches),
        );
    }

    public function longest(): int
    {
        return max([0, ...array_map(static fn(array $one): int => $one[1] - $one[0], $this->stretches)]);
    }
}
