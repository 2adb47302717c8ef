<?php

declare(strict_types=1);

namespace Wubbin\Core\Plan;

use Wubbin\Core\Measure\Phrase;
use Wubbin\Core\Route\HandTimes;
use Wubbin\Core\Route\Once;
use Wubbin\Core\Route\Scope;
use Wubbin\Core\Route\StepKind;

/**
 * The work for several pictures on one piece, in rounds: all sheets are printed and dried first; then each picture goes
 * onto all pieces before the next one does, so that heat is set once for each and a side is cool before the piece is
 * turned over. All sides are degreased before anything is hot, and coated when everything is cold. Common practice, no
 * source.
 */
final readonly class WorkOrder
{
    /**
     * @param non-empty-list<TransferPlan> $transfers
     *
     * @return non-empty-list<list<Step>> a round for each, or for those that are pressed in one go
     */
    public static function forTransfers(array $transfers, HandTimes $hands): array
    {
        if (1 === count($transfers)) {
            return [$transfers[0]->steps];
        }
        $groups = [];
        foreach ($transfers as $at => $transfer) {
            $transfer->withThePrevious ? ($groups[count($groups) - 1][] = $at) : ($groups[] = [$at]);
        }
        $rounds = [];
        foreach ($groups as $group) {
            $at = $group[0];
            $transfer = $transfers[$at];
            $later = array_slice($transfers, $at + count($group));
            $earlier = array_slice($transfers, 0, $at);
            $turn =
                $at > 0 && $transfer->brief->side !== $transfers[$at - 1]->brief->side
                    ? [self::turn($transfer, $hands)->of($at)]
                    : [];
            $own = array_filter(
                $transfer->steps,
                static fn(Step $step): bool => match (true) {
                    Scope::OnceAfter === $step->scope => !self::doneIn($later, $step),
                    Scope::EachPiece !== $step->scope => false,
                    Once::First === $step->once => !self::doneIn(self::onSide($transfer->brief->side, $earlier), $step),
                    Once::Last === $step->once => !self::doneIn(self::onSide($transfer->brief->side, $later), $step),
                    default => true,
                },
            );
            $rounds[] = array_merge(
                $turn,
                ...array_map(
                    static fn(Step $step): array => self::inOneGo($step, $group, $transfers),
                    array_values($own),
                ),
            );
        }
        $rounds[0] = [...self::before($transfers), ...$rounds[0]];

        return ApartFromHeat::of($rounds);
    }

    /**
     * A step of the first of some pictures, as it is when all of them are pressed in one go.
     *
     * @param non-empty-list<int> $group numbers of the pictures
     * @param non-empty-list<TransferPlan> $transfers
     *
     * @return list<Step>
     */
    private static function inOneGo(Step $step, array $group, array $transfers): array
    {
        $same = [];
        foreach ($group as $at) {
            foreach ($transfers[$at]->steps as $other) {
                if ($other->id === $step->id) {
                    $same[] = $other->of($at);
                }
            }
        }
        if ($step->kind->forEachPicture()) {
            return $same;
        }
        usort($same, static fn(Step $a, Step $b): int => $b->duration->seconds <=> $a->duration->seconds);

        return array_slice($same, 0, 1);
    }

    /**
     * What comes before the first piece: every sheet is made, and what waits waits for all of them together.
     *
     * @param non-empty-list<TransferPlan> $transfers
     *
     * @return list<Step>
     */
    private static function before(array $transfers): array
    {
        $before = [];
        foreach ([Scope::EachSheet, Scope::OnceBefore] as $scope) {
            foreach ($transfers as $at => $transfer) {
                foreach ($transfer->steps as $step) {
                    if (
                        $scope === $step->scope &&
                        (Scope::EachSheet === $scope || !self::doneIn(array_slice($transfers, 0, $at), $step))
                    ) {
                        $before[] = $step->of($at);
                    }
                }
            }
        }

        return $before;
    }

    /** @param list<TransferPlan> $transfers */
    private static function doneIn(array $transfers, Step $step): bool
    {
        foreach ($transfers as $transfer) {
            foreach ($transfer->steps as $other) {
                if ($step->sameAs($other)) {
                    return true;
                }
            }
        }

        return false;
    }

    /**
     * @param list<TransferPlan> $transfers
     *
     * @return list<TransferPlan>
     */
    private static function onSide(string $side, array $transfers): array
    {
        return array_values(
            array_filter($transfers, static fn(TransferPlan $transfer): bool => $transfer->brief->side === $side),
        );
    }

    private static function turn(TransferPlan $transfer, HandTimes $hands): Step
    {
        return new Step(
            'turn',
            StepKind::Turn,
            Scope::EachPiece,
            Phrase::of('Turn the piece over to the ' . $transfer->brief->side . ' now.'),
            Phrase::of('The first side must be cool. Lay it on parchment or silicone.'),
            StepTime::byHand($hands->of(StepKind::Turn), $hands->provenance),
        );
    }
}
