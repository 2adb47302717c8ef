<?php

declare(strict_types=1);

namespace Wubbin\Core\Advice;

use Wubbin\Core\Artwork\Picture;
use Wubbin\Core\Job\Choices;
use Wubbin\Core\Job\House;
use Wubbin\Core\Job\Job;
use Wubbin\Core\Job\Shelf;
use Wubbin\Core\Job\Transfer;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Phrase;
use Wubbin\Core\Plan\Check;
use Wubbin\Core\Plan\Plan;
use Wubbin\Core\Plan\Planner;
use Wubbin\Core\Plan\Severity;
use Wubbin\Core\Route\Catalogue;
use Wubbin\Core\Route\Fit;
use Wubbin\Core\Route\HeatKind;
use Wubbin\Core\Route\HeatSource;
use Wubbin\Core\Route\Route;
use Wubbin\Core\Route\Verdict;
use Wubbin\Core\Work\Places;
use Wubbin\Core\Work\Work;

/**
 * Says which routes a job can go: those that work with what is on the shelf, best first; those that would if something
 * were bought; and those that cannot, each with its reason and the nearest that can.
 *
 * Routes are ranked by the sum of points of criteria that are all shown: never by a number that is not.
 */
final readonly class Advisor
{
    /** Lines of the ticket that a comparison sets side by side. */
    private const COMPARED = [
        'mirrored',
        'marking',
        'medium',
        'drying',
        'finish',
        'heat',
        'time',
        'cover',
        'base',
        'guard',
    ];

    /** Checks that say what is told as a verdict, or as something to buy. */
    private const JUDGED = ['blank.surface', 'blank.tone', 'blank.rough', 'marking.medium', 'heat.hot'];

    public function __construct(private Catalogue $catalogue, private Planner $planner) {}

    /**
     * @param Transfer $transfer the picture whose route is wanted
     * @param array<string, array{good: int, started: int}> $runs own pieces good at the first try and started, by
     *                                                            route
     *
     * @return list<RouteAdvice> those that work, then those to buy for, then those that cannot; best first
     *
     * @throws BadRecord when the job names a blank that Wubbin does not have
     */
    public function advise(
        Job $job,
        Transfer $transfer,
        Shelf $shelf,
        ?Picture $picture,
        House $house,
        Wish $wish,
        array $runs = [],
    ): array {
        $advice = array_map(
            fn(Route $route): RouteAdvice => $this->on(
                $route,
                $job,
                $transfer,
                $shelf,
                $picture,
                $house,
                $wish,
                $runs[$route->id] ?? null,
            ),
            array_values($this->catalogue->routes),
        );
        $order = array_flip(array_map(static fn(Standing $s): string => $s->value, Standing::cases()));
        usort(
            $advice,
            static fn(RouteAdvice $a, RouteAdvice $b): int => [
                $order[$a->standing->value],
                count($a->missing),
                self::risks($a),
                $b->points(),
            ] <=> [$order[$b->standing->value], count($b->missing), self::risks($b), $a->points()],
        );
        $nearest = Standing::Cannot === $advice[0]->standing ? null : $advice[0]->routeId;

        return array_map(
            static fn(RouteAdvice $one): RouteAdvice => Standing::Cannot === $one->standing
                ? $one->insteadOf($nearest)
                : $one,
            $advice,
        );
    }

    /** A route that is likely to disappoint comes after those that are not, whatever its points. */
    private static function risks(RouteAdvice $advice): int
    {
        return (int) in_array(
            'fit',
            array_map(static fn(Criterion $c): string => 1 === $c->points ? $c->id : '', $advice->criteria),
            true,
        );
    }

    /** @param array{good: int, started: int}|null $runs */
    private function on(
        Route $route,
        Job $job,
        Transfer $transfer,
        Shelf $shelf,
        ?Picture $picture,
        House $house,
        Wish $wish,
        ?array $runs,
    ): RouteAdvice {
        $schools = $this->schoolsFor($route, $shelf, $transfer->choices->schools, $house);
        $there = $job->only(
            $transfer->with(routeId: $route->id, choices: new Choices(schools: $schools), overrides: []),
        );
        [$plan, $press] = $this->planned($there, $shelf, $picture, $house);
        $verdicts = $this->verdicts($route, $job);
        $missing = array_map(
            static fn(Want $want): string => $want->label,
            ToBuy::for($route, $plan->transfers[0]->outfit->ways->heat(), $shelf, $this->catalogue),
        );
        $no = self::refused($verdicts);
        $standing = match (true) {
            null !== $no => Standing::Cannot,
            [] !== $missing => Standing::Buy,
            [] !== self::stops($plan) => Standing::Change,
            default => Standing::Works,
        };
        $criteria = Criteria::forRoute($route, $verdicts, $plan, $wish, $runs);
        $one = Work::forPieces($plan, 1, new Places());
        $hands = (float) $one->handsS();

        return new RouteAdvice(
            $route->id,
            ucfirst($route->label),
            $standing,
            Standing::Cannot === $standing
                ? []
                : [...$this->reasons($criteria, 3, $route, $job), ...null === $press ? [] : [$press->words]],
            null !== $no
                ? [Phrase::of($no->why), ...$this->wayOut($route, $job)]
                : $this->against($verdicts, $plan, $criteria, $route, $job),
            Standing::Cannot === $standing ? [] : $missing,
            $criteria,
            ['route' => $route->id] +
                $this->schoolChanges($schools, $transfer->choices->schools) +
                (null === $press ? [] : ['heat' => $press->source->id]),
            array_values(
                array_filter(
                    $plan->transfers[0]->decisions,
                    static fn($d): bool => in_array($d->id, self::COMPARED, true),
                ),
            ),
            (float) $one->spanS(),
            $hands,
        );
    }

    /** @return array{Plan, PressInstead|null} with what is there; in a press where that leaves hands less to do */
    private function planned(Job $job, Shelf $shelf, ?Picture $picture, House $house): array
    {
        $pictures = null === $picture ? [] : [$picture->sha256 => $picture];
        $planned = fn(Job $job): Plan => $this->planner->plan($job, $shelf, $pictures, $house);
        $plan = $planned($job);
        $press = PressInstead::of($plan, $job, $shelf, $planned);

        return [$press->plan ?? $plan, $press];
    }

    /**
     * Where the material is wrong the rest does not matter.
     *
     * @param list<Verdict> $verdicts
     */
    private static function refused(array $verdicts): ?Verdict
    {
        foreach ($verdicts as $verdict) {
            if (in_array($verdict->fit, [Fit::Bad, Fit::Impossible], true)) {
                return $verdict;
            }
        }

        return null;
    }

    /** @return list<Phrase> what is done with such a material instead, where the trade knows it */
    private function wayOut(Route $route, Job $job): array
    {
        $material = $this->catalogue->materials[$job->blank->materialId];

        return null === $material->instead ||
            Fit::Good === $route->suiting->verdictOnSurface($job->blank->kindId, $material)->fit
            ? []
            : [Phrase::of($material->instead)];
    }

    /**
     * @param list<Verdict> $verdicts
     * @param list<Criterion> $criteria
     *
     * @return list<Phrase>
     */
    private function against(array $verdicts, Plan $plan, array $criteria, Route $route, Job $job): array
    {
        return [
            ...array_map(
                static fn(Verdict $v): Phrase => Phrase::of($v->why),
                array_values(array_filter($verdicts, static fn(Verdict $v): bool => Fit::Risky === $v->fit)),
            ),
            ...array_map(self::told(...), self::stops($plan)),
            ...$this->warnings($plan),
            ...$this->reasons($criteria, 0, $route, $job),
        ];
    }

    /** @return list<Verdict> on surface, tone and condition */
    private function verdicts(Route $route, Job $job): array
    {
        $material =
            $this->catalogue->materials[$job->blank->materialId] ??
            throw BadRecord::at('blank.material', 'Wubbin does not know this material.');

        return [
            $route->suiting->verdictOnSurface($job->blank->kindId, $material),
            $route->suiting->verdictOnTone($this->catalogue->colours->tones->toneOf($job->blank->colour)),
            $route->suiting->verdictOnCondition($job->blank->condition),
        ];
    }

    /**
     * The ways that let a route be done with the heat on the shelf, where the usual one does not.
     *
     * @param array<string, string> $chosen
     *
     * @return array<string, string>
     */
    private function schoolsFor(Route $route, Shelf $shelf, array $chosen, House $house): array
    {
        $schools = array_intersect_key($chosen, $this->catalogue->schoolsOf($route->id));
        foreach ($this->catalogue->schoolsOf($route->id) as $matter => $school) {
            $taken =
                $school->options[$schools[$matter] ?? ($house->schools[$matter] ?? $school->defaultFor($route->id))] ??
                null;
            if (null === $taken || [] === $taken->heat || $this->has($shelf, $taken->heat)) {
                continue;
            }
            foreach ($school->options as $option) {
                if ($this->has($shelf, $option->heat)) {
                    $schools[$matter] = $option->id;
                    break;
                }
            }
        }

        return $schools;
    }

    /**
     * @param array<string, string> $schools
     * @param array<string, string> $before
     *
     * @return array<string, string>
     */
    private function schoolChanges(array $schools, array $before): array
    {
        $changes = [];
        foreach ($schools as $matter => $option) {
            if (($before[$matter] ?? null) !== $option) {
                $changes['school.' . $matter] = $option;
            }
        }

        return $changes;
    }

    /** @param list<HeatKind> $kinds */
    private function has(Shelf $shelf, array $kinds): bool
    {
        return [] !==
            array_filter($shelf->heat, static fn(HeatSource $source): bool => in_array($source->kind, $kinds, true));
    }

    /**
     * Criteria with this many points, as reasons.
     *
     * @param list<Criterion> $criteria
     *
     * @return list<Phrase>
     */
    private function reasons(array $criteria, int $points, Route $route, Job $job): array
    {
        $reasons = [];
        foreach ($criteria as $criterion) {
            if ($points === $criterion->points && 'fit' !== $criterion->id) {
                $reasons[] = Phrase::of(
                    $criterion->label . ': ' . $criterion->words->text . '.',
                    $criterion->words->values,
                );
            }
        }
        $note = $route->suiting->materialNotes[$job->blank->materialId] ?? null;

        return null === $note || 3 !== $points ? $reasons : [...$reasons, Phrase::of($note)];
    }

    /**
     * What the plan itself would stop at, whatever is bought: the advisor says nothing else than the ticket will.
     *
     * @return list<Check>
     */
    private static function stops(Plan $plan): array
    {
        return array_values(
            array_filter(
                $plan->checks(),
                static fn(Check $check): bool => in_array(
                    $check->severity,
                    [Severity::Stop, Severity::Impossible],
                    true,
                ) && !in_array($check->id, self::JUDGED, true),
            ),
        );
    }

    /** A check with what mends it. */
    private static function told(Check $check): Phrase
    {
        return null === $check->mend
            ? $check->message
            : Phrase::of(
                $check->message->text . ' ' . $check->mend->text,
                $check->message->values + $check->mend->values,
            );
    }

    /** @return list<Phrase> what its checks warn of at the heat or at the picture */
    private function warnings(Plan $plan): array
    {
        $warned = array_filter(
            $plan->checks(),
            static fn(Check $check): bool => Severity::Warn === $check->severity &&
                !in_array($check->id, [...self::JUDGED, 'place.print-area'], true),
        );

        return array_values(array_map(static fn(Check $check): Phrase => $check->message, $warned));
    }
}
