<?php

declare(strict_types=1);

namespace Wubbin\Core\Job;

use Wubbin\Core\Measure\Record;
use Wubbin\Core\Route\HandTime;
use Wubbin\Core\Route\HeatSource;
use Wubbin\Core\Route\Medium;
use Wubbin\Core\Route\Recipe;

/**
 * The rules of a house: which way it goes about disputed matters, and the recipes it has typed in, unless a job says
 * otherwise.
 */
final readonly class House
{
    /**
     * @param array<string, string> $schools option by matter
     * @param list<Recipe> $recipes the newest version of each, the newest recipe first
     * @param array<string, HandTime> $hands what hands here have been seen to take, by kind of step
     */
    public function __construct(public array $schools = [], public array $recipes = [], public array $hands = []) {}

    public static function fromRecord(Record $record): self
    {
        return new self($record->recordOrNull('schools')?->stringMap() ?? []);
    }

    public function with(string $matter, ?string $option): self
    {
        $schools = $this->schools;
        unset($schools[$matter]);

        return new self(null === $option ? $schools : [...$schools, $matter => $option], $this->recipes, $this->hands);
    }

    /** @param list<Recipe> $recipes */
    public function withRecipes(array $recipes): self
    {
        return new self($this->schools, $recipes, $this->hands);
    }

    /** @param array<string, HandTime> $hands */
    public function withHands(array $hands): self
    {
        return new self($this->schools, $this->recipes, $hands);
    }

    /** The recipe that a job goes by: the one it names, or else the first that is written for its sheet and heat. */
    public function recipeFor(string $routeId, Choices $choices, ?Medium $medium, ?HeatSource $heat): ?Recipe
    {
        $asked = $choices->thing('recipe');
        if (Choices::NO_RECIPE === $asked) {
            return null;
        }
        foreach ($this->recipes as $recipe) {
            if (
                null === $asked
                    ? $recipe->suits($routeId, $medium, $heat)
                    : $recipe->id === $asked && $recipe->routeId === $routeId
            ) {
                return $recipe;
            }
        }

        return null;
    }
}
