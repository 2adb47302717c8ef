<?php

declare(strict_types=1);

namespace Wubbin\Core\Advice;

use Wubbin\Core\Blank\BlankKind;
use Wubbin\Core\Blank\Material;
use Wubbin\Core\Job\Shelf;
use Wubbin\Core\Route\Catalogue;
use Wubbin\Core\Route\Fit;
use Wubbin\Core\Route\HeatKind;
use Wubbin\Core\Route\Medium;
use Wubbin\Core\Route\Route;
use Wubbin\Core\Route\Verdict;

/**
 * What can be made with a shelf: the advisor the other way round. Every route on every kind of blank whose material it
 * takes, and for which sheet, printer and heat are there; and what one thing more would open.
 */
final readonly class Possible
{
    /**
     * @param list<OpenWay> $open
     * @param list<OneMore> $oneMore that which opens most first
     * @param list<string> $clashes why a sheet that is there cannot be marked with anything that is
     */
    private function __construct(public array $open, public array $oneMore, public array $clashes) {}

    public static function with(Shelf $shelf, Catalogue $catalogue): self
    {
        $open = $wants = $opens = [];
        foreach ($catalogue->blanks as $blank) {
            foreach ($catalogue->routes as $route) {
                [$way, $missing] = self::way($route, $blank, $shelf, $catalogue);
                if (null === $way) {
                    continue;
                }
                if ([] === $missing) {
                    $open[] = $way;
                } elseif (1 === count($missing)) {
                    $key = $missing[0]->owned($catalogue)->id ?? $missing[0]->label;
                    $wants[$key] ??= $missing[0];
                    $opens[$key][] = $way;
                }
            }
        }
        uasort($opens, static fn(array $a, array $b): int => count($b) <=> count($a));
        $more = [];
        foreach ($opens as $key => $ways) {
            $more[] = new OneMore($wants[$key], $ways);
        }

        return new self($open, $more, self::clashesOf($shelf));
    }

    /** @return array{OpenWay|null, list<Want>} the way, and the least that would have to be bought for it */
    private static function way(Route $route, BlankKind $blank, Shelf $shelf, Catalogue $catalogue): array
    {
        $good = $risky = $wants = [];
        $risk = null;
        // As it usually comes.
        $usual = $route->suiting->verdictOnCondition($blank->conditions[0]);
        foreach ($blank->materials as $id) {
            $material = $catalogue->materials[$id];
            $verdict = self::worse($route->suiting->verdictOnSurface($blank->id, $material), $usual);
            $kinds = self::heat($route, $blank, $material, $catalogue);
            if (in_array($verdict->fit, [Fit::Bad, Fit::Impossible], true) || [] === $kinds) {
                continue;
            }
            $wanted = ToBuy::for($route, $kinds, $shelf, $catalogue);
            if ([] === $wants || count($wanted) < count($wants[0])) {
                // What needs less is told; what would need more as well is another purchase.
                [$good, $risky, $risk, $wants] = [[], [], null, [$wanted]];
            } elseif (count($wanted) > count($wants[0])) {
                continue;
            }
            if (Fit::Good === $verdict->fit) {
                $good[] = $material;
            } else {
                $risky[] = $material;
                $risk ??= $verdict->why;
            }
        }
        $materials = [...$good, ...$risky];

        return [
            [] === $materials ? null : new OpenWay($blank, $route, $materials, [] === $good ? $risk : null),
            $wants[0] ?? [],
        ];
    }

    private static function worse(Verdict $one, Verdict $other): Verdict
    {
        $rank = [Fit::Good, Fit::Risky, Fit::Bad, Fit::Impossible];

        return array_search($other->fit, $rank, true) > array_search($one->fit, $rank, true) ? $other : $one;
    }

    /** @return list<HeatKind> kinds of heat by which it can be done on such a piece, the usual one first */
    private static function heat(Route $route, BlankKind $blank, Material $material, Catalogue $catalogue): array
    {
        $kinds = [];
        foreach ($catalogue->schoolsOf($route->id, $blank->id) as $school) {
            $usual = $school->options[$school->defaultFor($route->id)] ?? null;
            foreach (null === $usual ? $school->options : [$usual, ...$school->options] as $option) {
                array_push($kinds, ...$option->heat);
            }
        }
        $kinds = [] === $kinds ? $route->heating->kinds : $kinds;
        $suits = array_filter(
            $kinds,
            static fn(HeatKind $kind): bool => $route->heating->suits(
                $kind,
                $blank->shape->isRound(),
                $material->surface,
            ),
        );

        return array_values(array_unique($suits, \SORT_REGULAR));
    }

    /** @return list<string> */
    private static function clashesOf(Shelf $shelf): array
    {
        $clashes = [];
        foreach ($shelf->media as $medium) {
            $why = self::clash($medium, $shelf);
            $clashes += null === $why ? [] : [$medium->like => $why];
        }

        return array_values($clashes);
    }

    private static function clash(Medium $medium, Shelf $shelf): ?string
    {
        $why = null;
        foreach ($shelf->markings as $marking) {
            $verdict = $medium->verdictOn($marking);
            if (Fit::Good === $verdict->fit) {
                return null;
            }
            // What would harm a machine is told before what only fails.
            $why = null === $why || Fit::Impossible === $verdict->fit ? $verdict->why : $why;
        }

        return null === $why ? null : sprintf('%s: %s', ucfirst($medium->label), $why);
    }
}
