<?php

declare(strict_types=1);

namespace Wubbin\Core\Heat;

use Random\Engine\Mt19937;
use Random\Randomizer;
use Wubbin\Core\Route\Parameter;

/** One set of values that the parameters might have: all at their middles, or drawn from their ranges. */
final class Draw
{
    /** @var array<string, float> */
    private array $drawn = [];

    /** @var array<string, Parameter> */
    private array $used = [];

    private function __construct(private readonly ?Randomizer $random) {}

    public static function middles(): self
    {
        return new self(null);
    }

    /** The same seed draws the same values. */
    public static function seeded(int $seed): self
    {
        return new self(new Randomizer(new Mt19937($seed)));
    }

    /** @return list<Parameter> that were asked for, each once */
    public function used(): array
    {
        return array_values($this->used);
    }

    public function of(Parameter $parameter): float
    {
        $this->used[$parameter->id] = $parameter;
        if (null === $this->random || !$parameter->isRange()) {
            return $parameter->middle;
        }

        return $this->drawn[$parameter->id] ??= $parameter->within($this->random->getInt(0, 1000000) / 1000000.0);
    }
}
