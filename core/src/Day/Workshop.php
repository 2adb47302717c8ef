<?php

declare(strict_types=1);

namespace Wubbin\Core\Day;

/** What there is to work with: pairs of hands and their hours, machines, and places of limited room. */
final readonly class Workshop
{
    /**
     * @param int $hands pairs of hands
     * @param array<string, int> $machines how many of each, by id
     * @param array<string, float> $heating seconds that a machine takes for a kelvin up or down, by id; none where
     *                                      it has no temperature
     * @param array<string, int> $places how many pieces each has room for
     * @param array<string, string> $names what machines are called, by id
     * @param array<string, array<int, int>> $closed until when a lane is not there, in seconds since 1970, by the key
     *                                               of its kind and its number: a machine out of order, hands away
     * @param bool $apart solvents, sprays and varnish are opened elsewhere than where anything is hot
     */
    public function __construct(
        public int $hands,
        public Hours $hours,
        public array $machines = [],
        public array $heating = [],
        public array $places = [],
        private array $names = [],
        public bool $apart = false,
        public array $closed = [],
    ) {}

    /**
     * @param array<string, int>|null $machines
     * @param array<string, int>|null $places
     */
    public function with(?int $hands = null, ?Hours $hours = null, ?array $machines = null, ?array $places = null): self
    {
        return new self(
            $hands ?? $this->hands,
            $hours ?? $this->hours,
            $machines ?? $this->machines,
            $this->heating,
            $places ?? $this->places,
            $this->names,
            $this->apart,
            $this->closed,
        );
    }

    /** What a machine is called. */
    public function name(string $machine): string
    {
        return $this->names[$machine] ?? $machine;
    }

    /** Seconds that a machine takes from one setting to another. */
    public function change(?string $machine, ?float $from, ?float $to): int
    {
        return null === $machine || null === $from || null === $to || $from === $to
            ? 0
            : (int) ceil(abs($to - $from) * ($this->heating[$machine] ?? 0.0));
    }
}
