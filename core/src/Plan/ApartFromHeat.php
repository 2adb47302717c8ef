<?php

declare(strict_types=1);

namespace Wubbin\Core\Plan;

use Wubbin\Core\Route\Scope;
use Wubbin\Core\Route\StepKind;

/**
 * Solvents, sprays and varnish against heat, where a piece has several pictures: everything is degreased before the
 * first of them is heated, and coated when the last of them is done and the source is cold. Common practice, no source.
 */
final readonly class ApartFromHeat
{
    /**
     * @param non-empty-list<list<Step>> $rounds
     *
     * @return non-empty-list<list<Step>>
     */
    public static function of(array $rounds): array
    {
        return self::coatedLast(self::degreasedFirst($rounds));
    }

    /**
     * What is wiped with a solvent, and sanded before that.
     *
     * @param non-empty-list<list<Step>> $rounds
     *
     * @return non-empty-list<list<Step>>
     */
    private static function degreasedFirst(array $rounds): array
    {
        $first = $rounds[0];
        $wiped = self::opening(array_slice($first, 0, self::firstHot($first)));
        $onPieces = array_keys(array_filter($first, static fn(Step $step): bool => Scope::EachPiece === $step->scope));
        $at = [] === $wiped ? $onPieces[0] ?? count($first) : max($wiped) + 1;
        $moved = $kept = [];
        foreach (array_slice($rounds, 1) as $round) {
            $opened = self::opening(array_slice($round, 0, self::firstHot($round)));
            $until = [] === $opened ? -1 : max($opened);
            [$out, $in] = self::parted(
                $round,
                static fn(Step $step, int $n): bool => $n <= $until &&
                    ($step->vapour || StepKind::Sand === $step->kind),
            );
            array_push($moved, ...$out);
            $kept[] = $in;
        }

        return [[...array_slice($first, 0, $at), ...$moved, ...array_slice($first, $at)], ...$kept];
    }

    /**
     * Coats, what is waited for between them, and that the source gets cold.
     *
     * @param non-empty-list<list<Step>> $rounds
     *
     * @return non-empty-list<list<Step>>
     */
    private static function coatedLast(array $rounds): array
    {
        $moved = $kept = [];
        $last = array_pop($rounds);
        foreach ($rounds as $round) {
            $hot = self::firstHot($round);
            $coated = [] !== self::opening(array_slice($round, $hot));
            [$out, $in] = self::parted(
                $round,
                static fn(Step $step, int $n): bool => $coated &&
                    $n >= $hot &&
                    ($step->vapour || StepKind::Wait === $step->kind || ($step->oncePieces() && $step->kind->waits())),
            );
            array_push($moved, ...$out);
            $kept[] = $in;
        }
        $closing = array_keys(array_filter($last, static fn(Step $step): bool => $step->oncePieces()));
        $at = [] === $closing ? count($last) : max($closing) + 1;

        return [...$kept, [...array_slice($last, 0, $at), ...$moved, ...array_slice($last, $at)]];
    }

    /**
     * @param list<Step> $steps
     * @param \Closure(Step, int): bool $moves
     *
     * @return array{list<Step>, list<Step>} those that move, and those that stay
     */
    private static function parted(array $steps, \Closure $moves): array
    {
        $out = $in = [];
        foreach ($steps as $n => $step) {
            $moves($step, $n) ? ($out[] = $step) : ($in[] = $step);
        }

        return [$out, $in];
    }

    /**
     * @param list<Step> $steps
     *
     * @return list<int> where something is opened
     */
    private static function opening(array $steps): array
    {
        return array_keys(array_filter($steps, static fn(Step $step): bool => $step->vapour));
    }

    /** @param list<Step> $round */
    private static function firstHot(array $round): int
    {
        foreach ($round as $at => $step) {
            if ($step->kind->heats()) {
                return $at;
            }
        }

        return count($round);
    }
}
