<?php

declare(strict_types=1);

namespace Wubbin\Core\Advice;

use Wubbin\Core\Job\Shelf;
use Wubbin\Core\Route\Catalogue;
use Wubbin\Core\Route\Fit;
use Wubbin\Core\Route\HeatKind;
use Wubbin\Core\Route\HeatSource;
use Wubbin\Core\Route\Marking;
use Wubbin\Core\Route\Medium;
use Wubbin\Core\Route\Route;

/** What a shop would have to buy for a route: a sheet, something to mark it, a heat source that gets hot enough. */
final readonly class ToBuy
{
    /**
     * @param list<HeatKind> $kinds of heat that can do it, the usual one first
     *
     * @return list<Want>
     */
    public static function for(Route $route, array $kinds, Shelf $shelf, Catalogue $catalogue): array
    {
        $known = array_map(static fn(string $id): Medium => $catalogue->sheets->media[$id], $route->making->media);
        $there = array_values(
            array_filter(
                $shelf->media,
                static fn(Medium $medium): bool => in_array($medium->like, $route->making->media, true),
            ),
        );
        $wants = [];
        if ([] === $there) {
            // Rather one that the shop can mark already.
            $able = array_filter(
                $known,
                static fn(Medium $m): bool => [] !==
                    array_filter(
                        $shelf->markings,
                        static fn(Marking $marking): bool => self::marks($route, $marking, [$m]),
                    ),
            );
            $sheet = [...$able, ...$known][0];
            $wants[] = new Want('media', $sheet->id, $sheet->label);
        }
        $printable = [] === $there ? $known : $there;
        $able = static fn(Marking $marking): bool => self::marks($route, $marking, $printable);
        if ([] === array_filter($shelf->markings, $able)) {
            $usual = array_values(array_filter($catalogue->sheets->markings, $able))[0] ?? null;
            $wants[] = new Want('markings', $usual->id ?? '', $usual->label ?? 'something to mark it with');
        }

        return [...$wants, ...self::heat($route, $kinds, $shelf, $catalogue)];
    }

    /** @param list<Medium> $media */
    private static function marks(Route $route, Marking $marking, array $media): bool
    {
        foreach ($media as $medium) {
            if (Fit::Good === $medium->verdictOn($marking)->fit) {
                return $route->making->byHand || !$marking->byHand();
            }
        }

        return false;
    }

    /**
     * @param list<HeatKind> $kinds
     *
     * @return list<Want>
     */
    private static function heat(Route $route, array $kinds, Shelf $shelf, Catalogue $catalogue): array
    {
        $there = array_filter(
            $shelf->heat,
            static fn(HeatSource $source): bool => in_array($source->kind, $kinds, true),
        );
        if ([] !== array_filter($there, $route->heating->isReachedBy(...))) {
            return [];
        }
        $kind = $kinds[0] ?? HeatKind::Iron;
        $usual =
            array_values(
                array_filter(
                    $catalogue->heat->sources,
                    static fn(HeatSource $one): bool => $one->kind === $kind && $route->heating->isReachedBy($one),
                ),
            )[0] ?? null;

        return [new Want('heat', $usual->id ?? '', $kind->label() . ([] === $there ? '' : ' that gets hotter'))];
    }
}
