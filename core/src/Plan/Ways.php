<?php

declare(strict_types=1);

namespace Wubbin\Core\Plan;

use Wubbin\Core\Job\House;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Provenance;
use Wubbin\Core\Route\Figure;
use Wubbin\Core\Route\HeatKind;
use Wubbin\Core\Route\Recipe;
use Wubbin\Core\Route\School;
use Wubbin\Core\Route\SchoolOption;
use Wubbin\Core\Route\UseWanted;

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
     * @param array<string, Figure> $chosen figures of ways that somebody chose, or that a use asks for
     */
    private function __construct(
        private Brief $brief,
        public array $schools,
        public array $options,
        public array $by,
        public array $figures,
        private array $chosen,
    ) {}

    /** @throws BadRecord where the job or the house goes a way that Wubbin does not know */
    public static function forBrief(Brief $brief): self
    {
        [$route, $catalogue, $house] = [$brief->route, $brief->catalogue, $brief->house];
        $choices = $brief->transfer->choices;
        $schools = $catalogue->schoolsOf($route->id, $brief->kind->id);
        [$options, $by, $figures, $along] = [[], [], [], []];
        foreach ($schools as $matter => $school) {
            // What belongs to a way that somebody chose in another matter, or to the use, before what is usual.
            $usual = $along[$matter] ?? ($school->forUse($brief->job->use) ?? $school->defaultFor($route->id));
            $chosen = $choices->schools[$matter] ?? ($house->schools[$matter] ?? $usual);
            if (!isset($catalogue->schools[$matter]->options[$chosen])) {
                throw BadRecord::at(
                    'choices.schools.' . $matter,
                    sprintf(
                        'Wubbin knows no “%s” here. It knows %s.',
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
            if (DecidedBy::Wubbin !== $by[$matter] || $option->id !== $school->defaultFor($route->id)) {
                $figures = [...$figures, ...$option->figures];
                $along += $option->with;
            }
        }

        return new self($brief, $schools, $options, $by, [...$route->figures, ...$figures], $figures);
    }

    /**
     * With this kind of heat: matters that it leaves nothing to decide in are gone, and figures are those it has.
     *
     * @param array<string, string> $circumstances
     */
    public function under(array $circumstances, HeatKind $heat): self
    {
        $here = array_filter(
            $this->schools,
            static fn(School $school): bool => [] === $school->heats || in_array($heat, $school->heats, true),
        );
        $figures = [...$this->brief->route->figuresUnder($circumstances), ...$this->chosen];

        return new self(
            $this->brief,
            $here,
            array_intersect_key($this->options, $here),
            array_intersect_key($this->by, $here),
            $this->forItsUse($figures),
            $this->chosen,
        );
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
        foreach ($this->brief->transfer->choices->figures as $name => $value) {
            if (isset($figures[$name])) {
                $figures[$name] = $figures[$name]->asStored($value, Provenance::person());
            }
        }

        return new self($this->brief, $this->schools, $this->options, $this->by, $figures, $this->chosen);
    }

    /**
     * What will be washed takes the long end of its time under heat.
     *
     * @param array<string, Figure> $figures
     *
     * @return array<string, Figure>
     */
    private function forItsUse(array $figures): array
    {
        $dwell = $figures['dwell'] ?? null;
        if (
            UseWanted::Washed === $this->brief->job->use &&
            null !== $dwell?->range &&
            null === $dwell->byArea &&
            $this->brief->material->surface->isCloth()
        ) {
            $figures['dwell'] = $dwell->asStored($dwell->range[1], Provenance::commonPractice());
        }

        return $figures;
    }

    /** @return list<HeatKind> kinds of heat in the order they are taken */
    public function heat(): array
    {
        $round = $this->brief->kind->shape->isRound();
        $surface = $this->brief->material->surface;

        $kinds = $this->preferred(
            static fn(SchoolOption $option): array => $option->heat,
            $this->brief->route->heating->kinds,
        );
        $suit = array_values(
            array_filter(
                $kinds,
                fn(HeatKind $kind): bool => $this->brief->route->heating->suits($kind, $round, $surface),
            ),
        );

        // Where none can be, the piece itself is wrong for the route: that is told, and not the source.
        return [] === $suit ? $kinds : $suit;
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
            $this->brief->route->stacking->covers,
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
