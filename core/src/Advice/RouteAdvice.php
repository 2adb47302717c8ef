<?php

declare(strict_types=1);

namespace Wubbin\Core\Advice;

use Wubbin\Core\Measure\Phrase;
use Wubbin\Core\Plan\Decision;

/** What is to be said of one route for a job. */
final readonly class RouteAdvice implements \JsonSerializable
{
    /**
     * @param list<Phrase> $for reasons for it
     * @param list<Phrase> $against reasons against it; of a route that cannot be, the reason first
     * @param list<string> $missing what would have to be bought
     * @param list<Criterion> $criteria
     * @param array<string, string> $changes the job edit that takes this route
     * @param list<Decision> $decisions lines of its ticket, for comparing
     * @param string|null $instead id of the nearest route that can be, where this one cannot
     */
    public function __construct(
        public string $routeId,
        public string $label,
        public Standing $standing,
        public array $for,
        public array $against,
        public array $missing,
        public array $criteria,
        public array $changes,
        public array $decisions,
        public float $oneSeconds,
        public float $handsSeconds,
        public ?string $instead = null,
    ) {}

    /** Points of all criteria that are known, out of three each; a comparison only makes sense between routes. */
    public function points(): int
    {
        return array_sum(array_map(static fn(Criterion $criterion): int => $criterion->points ?? 0, $this->criteria));
    }

    /** The highest sum of points that what is known could have given. */
    public function most(): int
    {
        return Criterion::MOST *
            count(array_filter($this->criteria, static fn(Criterion $criterion): bool => null !== $criterion->points));
    }

    public function insteadOf(?string $nearest): self
    {
        return new self(
            $this->routeId,
            $this->label,
            $this->standing,
            $this->for,
            $this->against,
            $this->missing,
            $this->criteria,
            $this->changes,
            $this->decisions,
            $this->oneSeconds,
            $this->handsSeconds,
            $nearest,
        );
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return [
            'route' => $this->routeId,
            'label' => $this->label,
            'standing' => $this->standing->value,
            'for' => $this->for,
            'against' => $this->against,
            'missing' => $this->missing,
            'criteria' => $this->criteria,
            'points' => $this->points(),
            'most' => $this->most(),
            'changes' => (object) $this->changes,
            'decisions' => $this->decisions,
            'one_s' => $this->oneSeconds,
            'one_hands_s' => $this->handsSeconds,
            'instead' => $this->instead,
        ];
    }
}
