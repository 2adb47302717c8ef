<?php

declare(strict_types=1);

namespace Wubbin\Core\Plan;

use Wubbin\Core\Measure\Phrase;

/** What becomes of some of a job's pieces that are of another size, colour or width: their own plan, in short. */
final readonly class SharePlan implements \JsonSerializable
{
    /** @param Phrase|null $against the first thing that stands against it */
    private function __construct(
        public string $label,
        public int $quantity,
        public Plan $plan,
        public ?Phrase $against,
    ) {}

    public static function forShare(string $label, int $quantity, Plan $plan): self
    {
        $blocking = array_values(array_filter($plan->checks(), static fn(Check $check): bool => $check->blocks()));

        return new self($label, $quantity, $plan, $blocking[0]->message ?? null);
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return [
            'label' => $this->label,
            'quantity' => $this->quantity,
            'plan_id' => $this->plan->id(),
            'width_mm' => $this->plan->transfers[0]->placing->placed?->size->widthMm,
            'printable' => $this->plan->printable(),
            'ready' => $this->plan->ready(),
            'against' => $this->against,
        ];
    }
}
