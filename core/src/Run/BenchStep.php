<?php

declare(strict_types=1);

namespace Wubbin\Core\Run;

/** A step of the plan in its place in a run. `piece` counts from 1; null for what is done once for all pieces. */
final readonly class BenchStep
{
    public function __construct(public string $stepId, public ?int $piece, public bool $timed, public float $seconds)
    {
    }
}
