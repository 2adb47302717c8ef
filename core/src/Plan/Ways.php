<?php

declare(strict_types=1);

namespace Wubbin\Core\Plan;

use Wubbin\Core\Job\House;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Provenance;
use Wubbin\Core\Route\Figure;
use Wubbin\Core\Route\HeatKind;
use Wubbin\Core\Route\Recipe;
use Wubbin\Core\Route\Route;
use Wubbin\Core\Route\School;
use Wubbin\Core\Route\SchoolOption;

/**
 * Which way is gone about each disputed matter of a route, who decided it, and the figures that come of it.
 *
 * A figure's precedence: the job, then the house's recipe, then the chosen school, then what is built in. A matter's:
 * the job, then the house, then Wubbin's default.
 */
final readonly class Ways
{
    /**
     * @param array<string, School> $schools
     * @param array<string, SchoolOption> $options by matter
     * @param array<string, DecidedBy> $by by matter
     * @param array<string, Figure> $figures
     * @param array<string, float> $own figures that the job has set for itself
     */
    private function __construct(
        private Route $route,
        public array $schools,
        public array $options,
        public array $by,
        public array $figures,
        private array $own,
    ) {}

    /** @throws BadRecord where the job or the house goes a way that Wubbin does not know */
    public static function forBrief(Brief $brief): self
    {
        [$route, $catalogue, $house] = [$brief->route, $brief->catalogue, $brief->house];
        $choices = $brief->transfer->choices;
        $schools = $catalogue->schoolsOf($route->id, $brief->kind->id);
        $options = [];
        $by = [];
        $figures = $route->figures;
        foreach ($schools as $matter => $school) {
            $chosen = $choices->schools[$matter] ?? ($house->schools[$matter] ?? $school->defaultFor($route->id));
            if (!isset($catalogue->schools[$matter]->options[$chosen])) {
                throw BadRecord::at(
                    'choices.schools.' . $matter,
                    sprintf(
                        'Wubbin knows no “%s” here; it knows %s.',
                        mb_substr($chosen, 0, 40),
                        implode(', ', array_keys($school->options)),
                    ),
                );
            }
            // A way of the house that this route does not have leaves it to what is usual there.
            $taken = isset($school->options[$chosen]);
            $option = $school->options[$taken ? $chosen : $school->defaultFor($route->id)];
            $options[$matter] = $option;
            $by[$matter] = match (true) {
                !$taken => DecidedBy::Wubbin,
                isset($choices->schools[$matter]) => DecidedBy::Person,
                isset($house->schools[$matter]) => DecidedBy::House,
                default => DecidedBy::Wubbin,
            };
            // Where nobody chose, the route's own figure stands: it knows more than the school does.
            if (DecidedBy::Wubbin !== $by[$matter]) {
                $figures = [...$figures, ...$option->figures];
            }
        }

        return new self($route, $schools, $options, $by, $figures, $choices->figures);
    }

    /** The figures as the recipe has them, and over those what the job has set for itself. */
    public function figuresBy(?Recipe $recipe): self
    {
        $figures = $this->figures;
        foreach ($recipe->figures ?? [] as $name => $value) {
            if (null !== $recipe && isset($figures[$name])) {
                $figures[$name] = $figures[$name]->asStored($value, $recipe->provenance());
            }
        }
        foreach ($this->own as $name => $value) {
            if (isset($figures[$name])) {
                $figures[$name] = $figures[$name]->asStored($value, Provenance::person());
            }
        }

        return new self($this->route, $this->schools, $this->options, $this->by, $figures, $this->own);
    }

    /** @return list<HeatKind> kinds of heat in the order they are taken */
    public function heat(): array
    {
        return $this->preferred(static fn(SchoolOption $option): array => $option->heat, $this->route->heating->kinds);
    }

    /** @return list<string> ids of covers in the order they are taken; empty where nothing covers the work */
    public function covers(): array
    {
        foreach ($this->options as $option) {
            if ($option->bare) {
                return [];
            }
        }

        return $this->preferred(
            static fn(SchoolOption $option): array => $option->covers,
            $this->route->stacking->covers,
        );
    }

    /** @return list<string> ids of media that the chosen way prefers */
    public function media(): array
    {
        return $this->preferred(static fn(SchoolOption $option): array => $option->media, []);
    }

    /**
     * @template T
     *
     * @param callable(SchoolOption): list<T> $of
     * @param list<T> $otherwise
     *
     * @return list<T>
     */
    private function preferred(callable $of, array $otherwise): array
    {
        foreach ($this->options as $option) {
            $list = $of($option);
            if ([] !== $list) {
                return $list;
            }
        }

        return $otherwise;
    }
}
