<?php

declare(strict_types=1);

namespace Wubbin\Core\Day;

use Wubbin\Core\Plan\Plan;
use Wubbin\Core\Plan\Step;
use Wubbin\Core\Route\HeatKind;
use Wubbin\Core\Route\StepKind;

/** Steps that follow each other with the same hands, machine and place: what becomes one activity. */
final readonly class Part
{
    /** Where waiting takes up room. */
    public const RACK = 'drying rack';
    public const SHELF = 'cooling shelf';

    /**
     * How long a backing stays as it is to be peeled, in s: hot or warm (assumed; a cold one waits as long as one
     * likes).
     */
    private const PEELED_WITHIN = ['hot' => 20, 'warm' => 90];

    /** Heat that hands and a machine give together. */
    private const HEATED = [StepKind::Prepress, StepKind::Tack, StepKind::Heat, StepKind::Fuse];

    /** @param non-empty-list<Step> $steps */
    private function __construct(
        public array $steps,
        public bool $hands,
        public ?string $machine,
        public ?float $celsius,
        public ?string $place,
        private string $peel,
    ) {}

    /**
     * @param list<Step> $steps
     *
     * @return list<self>
     */
    public static function all(array $steps, Plan $plan): array
    {
        $parts = [];
        foreach ($steps as $step) {
            $part = self::fromStep($step, $plan);
            $last = array_pop($parts);
            array_push(
                $parts,
                ...match (true) {
                    null === $last => [$part],
                    $last->needsAs($part) => [
                        new self(
                            [...$last->steps, $step],
                            $last->hands,
                            $last->machine,
                            $last->celsius,
                            $last->place,
                            $last->peel,
                        ),
                    ],
                    default => [$last, $part],
                },
            );
        }

        return $parts;
    }

    public static function fromStep(Step $step, Plan $plan): self
    {
        $transfer = $plan->transfers[$step->transfer];
        $needs = match (true) {
            StepKind::Print === $step->kind => [false, $transfer->marking?->label, null, null],
            StepKind::Dry === $step->kind, StepKind::Wait === $step->kind => [false, null, null, self::RACK],
            StepKind::Cool === $step->kind => [false, null, null, self::SHELF],
            StepKind::Soak === $step->kind => [false, null, null, null],
            in_array($step->kind, self::HEATED, true) => [true, $transfer->heatLabel, $transfer->heatC, null],
            default => [true, null, null, null],
        };

        return new self([$step], ...[...$needs, $transfer->peelWord]);
    }

    public function label(): string
    {
        return implode(
            ', ',
            array_unique(array_map(static fn(Step $step): string => $step->kind->value, $this->steps)),
        );
    }

    /** Seconds for one piece, or one sheet. */
    public function seconds(): float
    {
        return array_sum(array_map(static fn(Step $step): float => $step->duration->seconds, $this->steps));
    }

    /**
     * Seconds for several at once: hands take one after another, a plate that holds them all heats them together, and
     * waiting is waited once.
     */
    public function together(int $count, ?HeatKind $heat): float
    {
        $once = (!$this->hands && null === $this->machine) || ($this->heated() && HeatKind::FlatPress === $heat);

        return $this->seconds() * ($once ? 1 : $count);
    }

    /** The same, and nobody has to be found for it. */
    public function inPassing(): self
    {
        return new self($this->steps, false, null, null, null, $this->peel);
    }

    private function heated(): bool
    {
        return in_array($this->steps[0]->kind, self::HEATED, true);
    }

    /** How long the next part may wait after this one, in s; null for ever. */
    public function within(?self $next): ?int
    {
        if (null === $next) {
            return null;
        }
        $last = $this->steps[count($this->steps) - 1]->kind;
        $first = $next->steps[0]->kind;
        if (StepKind::Cool === $first) {
            // It cools from the moment the heat is off.
            return 0;
        }

        return StepKind::Peel === $first && in_array($last, [StepKind::Cool, StepKind::Set, ...self::HEATED], true)
            ? self::PEELED_WITHIN[$next->peel] ?? null
            : null;
    }

    private function needsAs(self $other): bool
    {
        return [$this->hands, $this->machine, $this->celsius, $this->place] === [
            $other->hands,
            $other->machine,
            $other->celsius,
            $other->place,
        ];
    }
}
