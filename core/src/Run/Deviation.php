<?php

declare(strict_types=1);

namespace Wubbin\Core\Run;

/** How a clock at the bench differs from its plan, where it does by more than hands do anyway. */
enum Deviation: string
{
    case Shorter = 'shorter';
    case Longer = 'longer';

    /** Hands are off by this share of the time without meaning it, and by two seconds at least (assumed). */
    private const SHARE = 0.1;
    private const LEAST_S = 2.0;

    /** @return self|null null where it was as planned; both in seconds */
    public static function fromSeconds(float $planned, float $taken): ?self
    {
        return match (true) {
            abs($taken - $planned) <= max(self::LEAST_S, $planned * self::SHARE) => null,
            $taken < $planned => self::Shorter,
            default => self::Longer,
        };
    }
}
