<?php

declare(strict_types=1);

namespace Wubbin\Core\Job;

/** What the person chose, by id; null, or nothing for a matter, leaves it to Wubbin and the house. */
final readonly class Choices
{
    /** The recipe of a job that goes by none of the house's. */
    public const NO_RECIPE = 'none';

    /** What is chosen from the shelf, and the recipe. */
    public const THINGS = ['medium', 'marking', 'heat', 'base', 'guard', 'cover', 'recipe'];

    /**
     * @param array<string, string> $things by the names of THINGS
     * @param array<string, string> $schools option by disputed matter
     * @param array<string, float> $figures by the figure's name, in its unit
     */
    public function __construct(public array $things = [], public array $schools = [], public array $figures = []) {}

    public function thing(string $name): ?string
    {
        return $this->things[$name] ?? null;
    }

    /** @param 'things'|'schools' $of */
    public function with(string $of, string $name, ?string $value): self
    {
        $changed = ['things' => $this->things, 'schools' => $this->schools];
        unset($changed[$of][$name]);
        if (null !== $value) {
            $changed[$of][$name] = $value;
        }

        return new self($changed['things'], $changed['schools'], $this->figures);
    }

    public function withFigure(string $name, ?float $value): self
    {
        $figures = $this->figures;
        unset($figures[$name]);

        return new self($this->things, $this->schools, null === $value ? $figures : [...$figures, $name => $value]);
    }
}
