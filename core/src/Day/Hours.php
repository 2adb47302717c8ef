<?php

declare(strict_types=1);

namespace Wubbin\Core\Day;

/** When hands work: stretches of time between breaks, nights and days off, rising and apart. */
final readonly class Hours
{
    /** @param list<array{int, int}> $stretches from and to, in seconds since 1970 */
    public function __construct(public array $stretches)
    {
    }

    /** The earliest instant from which hands have so long without a break; null where they never do. */
    public function from(int $instant, int $seconds): ?int
    {
        // The first stretch that ends after the instant.
        [$low, $high] = [0, count($this->stretches)];
        while ($low < $high) {
            $middle = intdiv($low + $high, 2);
            $this->stretches[$middle][1] > $instant ? $high = $middle : $low = $middle + 1;
        }
        for ($at = $low; $at < count($this->stretches); ++$at) {
            $begin = max($instant, $this->stretches[$at][0]);
            if ($begin + $seconds <= $this->stretches[$at][1]) {
                return $begin;
            }
        }

        return null;
    }

    public function longest(): int
    {
        return max([0, ...array_map(static fn (array $one): int => $one[1] - $one[0], $this->stretches)]);
    }
}
