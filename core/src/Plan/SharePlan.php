<?php

declare(strict_types=1);

namespace Wubbin\Core\Plan;

use Wubbin\Core\Measure\Phrase;

/** What becomes of some of a job's pieces that are of another size, colour or width: their own plan, in short. */
final class SharePlan implements \JsonSerializable
{
    /** Kept once it is asked for, since telling it means writing the whole plan. */
    private ?string $planId = null;

    /** @param Phrase|null $against the first thing that stands against it */
    private function __construct(public readonly string $label, public readonly int $quantity, public readonly Plan $plan, public readonly ?Phrase $against)
    {
    }

    public static function of(string $label, int $quantity, Plan $plan): self
    {
        $blocking = array_values(array_filter($plan->checks, static fn (Check $check): bool => $check->blocks()));

        return new self($label, $quantity, $plan, $blocking[0]->message ?? null);
    }

    public function planId(): string
    {
        return $this->planId ??= $this->plan->id();
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return [
            'label' => $this->label,
            'quantity' => $this->quantity,
            'plan_id' => $this->planId(),
            'width_mm' => $this->plan->placed?->size->widthMm,
            'printable' => $this->plan->printable(),
            'ready' => $this->plan->ready(),
            'against' => $this->against,
        ];
    }
}
