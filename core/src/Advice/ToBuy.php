<?php

declare(strict_types=1);

namespace Wubbin\Core\Advice;

use Wubbin\Core\Job\Shelf;
use Wubbin\Core\Plan\Plan;
use Wubbin\Core\Route\Catalogue;
use Wubbin\Core\Route\Fit;
use Wubbin\Core\Route\HeatKind;
use Wubbin\Core\Route\HeatSource;
use Wubbin\Core\Route\Marking;
use Wubbin\Core\Route\Medium;

/** What a shop would have to buy for a route: a sheet, something to mark it, a heat source that gets hot enough. */
final readonly class ToBuy
{
    /** @return list<string> in words */
    public static function for(Plan $plan, Shelf $shelf, Catalogue $catalogue): array
    {
        $route = $plan->transfers[0]->brief->route;
        $missing = [];
        $media = array_filter(
            $shelf->media,
            static fn(Medium $medium): bool => in_array($medium->like, $route->making->media, true),
        );
        if ([] === $media) {
            $missing[] = $catalogue->sheets->media[$route->making->media[0]]->label;
        }
        $printable =
            [] === $media
                ? array_map(static fn(string $id): Medium => $catalogue->sheets->media[$id], $route->making->media)
                : array_values($media);
        $marks = static fn(Marking $marking): bool => [] !==
            array_filter($printable, static fn(Medium $m): bool => Fit::Good === $m->verdictOn($marking)->fit) &&
            ($route->making->byHand || !$marking->byHand());
        if ([] === array_filter($shelf->markings, $marks)) {
            $able = array_values(array_filter($catalogue->sheets->markings, $marks));
            $missing[] = [] === $able ? 'something to mark it with' : $able[0]->label;
        }

        return [...$missing, ...self::heat($plan, $shelf)];
    }

    /** @return list<string> */
    private static function heat(Plan $plan, Shelf $shelf): array
    {
        $kinds = $plan->transfers[0]->outfit->ways->heat();
        $there = array_filter(
            $shelf->heat,
            static fn(HeatSource $source): bool => in_array($source->kind, $kinds, true),
        );
        $hot = array_filter($there, $plan->transfers[0]->brief->route->heating->isReachedBy(...));
        $kind = $kinds[0] ?? HeatKind::Iron;

        return match (true) {
            [] !== $hot => [],
            [] !== $there => [$kind->label() . ' that gets hotter'],
            default => [$kind->label()],
        };
    }
}
