<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Sweep;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Wubbin\Core\Advice\Advisor;
use Wubbin\Core\Advice\Standing;
use Wubbin\Core\Advice\Wish;
use Wubbin\Core\Job\Choices;
use Wubbin\Core\Job\House;
use Wubbin\Core\Job\Job;
use Wubbin\Core\Job\Shelf;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Plan\Planner;
use Wubbin\Core\Route\HeatSource;
use Wubbin\Core\Route\Medium;
use Wubbin\Core\Route\StepKind;
use Wubbin\Core\Route\UseWanted;
use Wubbin\Core\Tests\Orchard;
use Wubbin\Core\Tests\Slice;

/**
 * Plans of every route, for every pair of values of any two things that can be chosen, and for every three; every day
 * those of one slice. Every one of them must make sense.
 */
final class SweepTest extends TestCase
{
    private const SEED = 16;

    /** Plans of a route in which every pair stands; every day, of the first so many, every so many-th. */
    private const MOST_PAIRS = 5000;
    private const FIRST_PAIRS = 150;
    private const PAIR_SLICES = 5;

    /** Of triples, so many plans of a route at the most. */
    private const MOST_TRIPLES = 4500;
    private const FIRST_TRIPLES = 35;
    private const TRIPLE_SLICES = 7;

    /** Of the plans that are looked at, the fixes of every so many-th are tried, and the advisor is asked. */
    private const FIXED = 9;
    private const ADVISED = 120;

    /** Every so many-th is drawn, step by step. */
    private const DRAWN = 6;

    private const TOLD = 30;

    /** @return iterable<string, array{string}> */
    public static function routes(): iterable
    {
        foreach (array_keys(Orchard::catalogue()->routes) as $route) {
            yield $route => [$route];
        }
    }

    #[Group('long')]
    #[DataProvider('routes')]
    public function testEveryPairMakesSense(string $route): void
    {
        $this->sweep($route, 2, Slice::isWhole() ? self::MOST_PAIRS : self::FIRST_PAIRS, self::PAIR_SLICES);
    }

    #[Group('long')]
    #[DataProvider('routes')]
    public function testEveryTripleMakesSense(string $route): void
    {
        $this->sweep($route, 3, Slice::isWhole() ? self::MOST_TRIPLES : self::FIRST_TRIPLES, self::TRIPLE_SLICES);
    }

    /** @param int $slices in how many slices the cases are cut */
    private function sweep(string $route, int $strength, int $most, int $slices): void
    {
        $covering = new Covering(self::dimensions($route), $strength, self::SEED);
        $wrong = [];
        $plans = $of = 0;
        foreach ($covering->cases($most) as $case) {
            if (!Slice::holds($of++, $slices)) {
                continue;
            }
            ++$plans;
            $job = self::job($route, $case);
            $found = [
                ...Sense::of($plan = Orchard::plan($job)),
                ...0 === $plans % self::DRAWN ? Sense::ofDrawings($plan) : [],
                ...0 === $plans % self::FIXED ? [...Fixes::of($job)[1], ...self::proposed($job)] : [],
                ...0 === $plans % self::ADVISED ? self::advised($job) : [],
            ];
            foreach ($found as $what) {
                $wrong[$what] ??= json_encode($case);
            }
        }
        if (Slice::isWhole()) {
            fwrite(\STDERR, sprintf("\n%s: %d plans, %d combinations left", $route, $plans, $covering->open()));
        }
        self::assertGreaterThan(0, $plans);
        // The first few say enough; thousands of them take long to compare.
        self::assertSame([], array_slice($wrong, 0, self::TOLD));
    }

    /**
     * A source that is only proposed has its cautions as one that is there.
     *
     * @return list<string>
     */
    private static function proposed(Job $job): array
    {
        $shelf = Shelf::fromRecord(Record::of(['heat' => []] + Orchard::shelf()->toRecord()), Orchard::catalogue());
        $wrong = [];
        $plan = Orchard::plan(Orchard::edit($job, ['heat' => '']), null, $shelf);
        foreach ($plan->steps as $step) {
            if (StepKind::Heat === $step->kind && [] === $step->cautions) {
                $wrong[] = sprintf('%s by a %s has no caution', $step->id, $plan->outfit->heatKind->label());
            }
        }

        return $wrong;
    }

    /**
     * The advisor says that a route works where the plan of it does, and of no other.
     *
     * @return list<string>
     */
    private static function advised(Job $job): array
    {
        $wrong = [];
        $plain = $job->only($job->transfers[0]->with(choices: new Choices()));
        $advisor = new Advisor(Orchard::catalogue(), new Planner(Orchard::catalogue()));
        $advice = $advisor->advise(
            $plain,
            $plain->transfers[0],
            Orchard::shelf(),
            Orchard::picture(),
            new House(),
            new Wish(),
        );
        foreach ($advice as $one) {
            $ready = Orchard::plan(
                Orchard::edit($plain->only($plain->transfers[0]->with(routeId: $one->routeId)), $one->changes),
            )->ready();
            if ($ready !== (Standing::Works === $one->standing)) {
                $wrong[] = sprintf('%s %s, and the plan says otherwise', $one->routeId, $one->standing->value);
            }
        }

        return $wrong;
    }

    /** @return array<string, list<string>> */
    private static function dimensions(string $route): array
    {
        $catalogue = Orchard::catalogue();
        $of = $catalogue->routes[$route];
        $pieces = [];
        // Each size in the usual material, and each material in the usual size.
        foreach ($catalogue->blanks as $kind) {
            [$sizes, $materials] = [array_keys($kind->sizes), $kind->materials];
            foreach ($sizes as $size) {
                $pieces[] = $kind->id . '/' . $size . '/' . $materials[0];
            }
            foreach (array_slice($materials, 1) as $material) {
                $pieces[] = $kind->id . '/' . $sizes[0] . '/' . $material;
            }
        }
        $dimensions = [
            'piece' => $pieces,
            'condition' => ['0', '1', '2'],
            'colour' => ['#ffffff', '#f4ecd8', '#d9a441', '#1f4d2b'],
            'medium' => array_keys(
                array_filter(
                    $catalogue->sheets->media,
                    static fn(Medium $one): bool => in_array($one->id, $of->making->media, true),
                ),
            ),
            'heat' => [
                '',
                ...array_keys(
                    array_filter(
                        $catalogue->heat->sources,
                        static fn(HeatSource $one): bool => in_array($one->kind, $of->heating->kinds, true),
                    ),
                ),
            ],
            'finish' => array_keys($of->heating->finishes),
            'use' => ['', ...array_map(static fn(UseWanted $use): string => $use->value, UseWanted::cases())],
            'width' => ['0.05', '0.5', '0.99', '1', '1.05', '2'],
        ];
        foreach ($catalogue->schoolsOf($route) as $matter => $school) {
            $dimensions['school.' . $matter] = array_keys($school->options);
        }

        return $dimensions;
    }

    /** @param array<string, string> $case */
    private static function job(string $route, array $case): Job
    {
        $catalogue = Orchard::catalogue();
        [$kind, $size, $material] = explode('/', $case['piece']);
        $conditions = array_column($catalogue->blanks[$kind]->conditions, 'value');
        $job = Orchard::edit(Orchard::jobOf($route), [
            'kind' => $kind,
            'size' => $size,
            'material' => $material,
            'condition' => $conditions[min((int) $case['condition'], count($conditions) - 1)],
            'colour' => $case['colour'],
        ]);
        // At the edges of what can be printed, and beyond.
        $area = $catalogue->blanks[$kind]->sizes[$size]->printArea->size;
        $most = min($area->widthMm, $area->heightMm * Orchard::picture()->aspect());
        $schools = array_filter(
            $case,
            static fn(string $name): bool => str_starts_with($name, 'school.'),
            \ARRAY_FILTER_USE_KEY,
        );
        $here = $catalogue->schoolsOf($route, $kind);

        return Orchard::edit($job, [
            'medium' => $case['medium'],
            'heat' => $case['heat'],
            'finish' => $case['finish'],
            'use' => $case['use'],
            'width' => sprintf('%.1f mm', max(5.0, min(1900.0, $most * (float) $case['width']))),
            ...array_filter(
                $schools,
                static fn(string $name): bool => isset($here[substr($name, 7)]),
                \ARRAY_FILTER_USE_KEY,
            ),
        ]);
    }
}
