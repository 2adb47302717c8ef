<?php

declare(strict_types=1);

namespace Wubbin\Core\Run;

use Wubbin\Core\Route\StepKind;

/**
 * A step of the plan in its place in a run. `piece` counts from 1; null for what is done once for all pieces. `asks`
 * where something is asked before its heat comes on.
 */
final readonly class BenchStep
{
    public function __construct(
        public string $stepId,
        public StepKind $kind,
        public ?int $piece,
        public bool $timed,
        public float $seconds,
        public bool $asks = false,
    ) {}

    /** Something is pressed or heated, so that one can look under a corner, and go on a little longer. */
    public function heats(): bool
    {
        return $this->timed &&
            in_array($this->kind, [StepKind::Heat, StepKind::Tack, StepKind::Fuse, StepKind::Burnish], true);
    }
}
