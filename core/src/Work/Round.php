<?php

declare(strict_types=1);

namespace Wubbin\Core\Work;

use Wubbin\Core\Blank\Shape;
use Wubbin\Core\Measure\Size;
use Wubbin\Core\Plan\Plan;
use Wubbin\Core\Plan\Step;
use Wubbin\Core\Plan\TransferPlan;
use Wubbin\Core\Route\HeatKind;
use Wubbin\Core\Route\Scope;
use Wubbin\Core\Route\StepKind;

/** A round of work on pieces that are all alike: what is done to each of them, and what is done once between. */
final readonly class Round
{
    /** What a blank is made ready by: none of it waits for its picture. */
    private const BLANK = [StepKind::Turn, StepKind::Sand, StepKind::Clean, StepKind::Ready, StepKind::Prepress];

    /**
     * @param non-empty-list<Phase> $phases
     * @param int<1, max> $lot pieces that are worked on together
     * @param int<1, max> $plate pieces that go under the heat at once
     * @param int $join step from which on picture and piece are one thing, counted from 0
     */
    private function __construct(public array $phases, public int $lot, public int $plate, public int $join) {}

    /** @param list<Step> $steps of a round of the plan */
    public static function of(array $steps, Plan $plan, Places $places): self
    {
        $onPieces = array_values(
            array_filter(
                $steps,
                static fn(Step $step): bool => Scope::EachPiece === $step->scope || $step->oncePieces(),
            ),
        );
        $heat = $plan->transfers[$onPieces[0]->transfer ?? 0];
        $phases = Phase::all($onPieces, $heat->outfit->peel->word);
        $room = self::room($phases, $places);
        $plate = max(1, min(self::underHeat($heat), $room));
        $join = 0;
        foreach ($onPieces as $n => $step) {
            if (!$step->kind->concernsSheet() && !in_array($step->kind, self::BLANK, true)) {
                break;
            }
            $join = $n + 1;
        }

        // Whole plates: what is pressed together stays together.
        return new self($phases, max(1, intdiv($room, $plate) * $plate), $plate, $join);
    }

    /**
     * So many pieces, as batches that are alike: a step, how many pieces, how often.
     *
     * @param int<0, max> $pieces
     *
     * @return \Generator<array{Step, int<1, max>, int<1, max>}>
     */
    public function batches(int $pieces): \Generator
    {
        foreach ($this->phases as $phase) {
            foreach ($phase->chains as $chain) {
                foreach (self::split($pieces, $this->size($chain)) as [$size, $times]) {
                    foreach ($chain->steps as $step) {
                        yield [$step, $size, $times];
                    }
                }
            }
            foreach ($phase->closing as $step) {
                yield [$step, 1, 1];
            }
        }
    }

    /**
     * How many of the pieces a chain takes at once.
     *
     * @return int<1, max>
     */
    public function size(Chain $chain): int
    {
        return match (true) {
            $chain->atHeat => $this->plate,
            $chain->first => Places::SESSION,
            default => $this->lot,
        };
    }

    /**
     * So many in batches of a size: whole ones, and what remains.
     *
     * @param int<0, max> $count
     * @param int<1, max> $size
     *
     * @return list<array{int<1, max>, int<1, max>}> size, and how many of it
     */
    public static function split(int $count, int $size): array
    {
        $all = [];
        [$whole, $rest] = [intdiv($count, $size), $count % $size];
        if ($whole > 0) {
            $all[] = [$size, $whole];
        }
        if ($rest > 0) {
            $all[] = [$rest, 1];
        }

        return $all;
    }

    /**
     * As many as there is room for wherever they wait.
     *
     * @param list<Phase> $phases
     */
    private static function room(array $phases, Places $places): int
    {
        $room = Places::TABLE;
        foreach (array_merge(...array_map(static fn(Phase $phase): array => $phase->chains, $phases)) as $chain) {
            foreach ($chain->steps as $step) {
                $room = match (Batch::placeOf($step->kind)) {
                    Place::Rack => min($room, $places->rack),
                    Place::Shelf => min($room, $places->shelf),
                    null => $room,
                };
            }
        }

        return $room;
    }

    /** How many blanks lie under a plate at once: flat ones only, each as it is, where the plate need not be moved. */
    private static function underHeat(TransferPlan $transfer): int
    {
        $flat = Shape::Garment !== $transfer->placing->size->shape && null === $transfer->placing->size->diameterMm;
        $stands =
            HeatKind::FlatPress === $transfer->outfit->heat?->kind ||
            (HeatKind::Iron === $transfer->outfit->heat?->kind &&
                count($transfer->arrangement->coverage->places ?? [1]) <= 1);

        $plate = $transfer->arrangement->coverage->pressing ?? null;

        return $flat && $stands && null !== $plate
            ? $plate->holds(Size::mm($transfer->placing->size->widthMm, $transfer->placing->size->heightMm), 0.0)
            : 1;
    }
}
