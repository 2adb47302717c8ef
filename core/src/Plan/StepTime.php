<?php

declare(strict_types=1);

namespace Wubbin\Core\Plan;

use Wubbin\Core\Measure\Duration;
use Wubbin\Core\Measure\Provenance;
use Wubbin\Core\Route\HandTime;

/** How long a step takes, and who says so. */
final readonly class StepTime
{
    /** @param bool $timed its duration matters and runs on the clock; otherwise it is what hands usually need */
    private function __construct(public HandTime $hands, public bool $timed, public Provenance $provenance) {}

    public static function onTheClock(Duration $duration, Provenance $provenance): self
    {
        return new self(new HandTime(0.0, $duration->seconds), true, $provenance);
    }

    public static function byHand(HandTime $hands, Provenance $provenance): self
    {
        return new self($hands, false, $provenance);
    }
}
