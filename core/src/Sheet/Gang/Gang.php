<?php

declare(strict_types=1);

namespace Wubbin\Core\Sheet\Gang;

use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Rect;
use Wubbin\Core\Sheet\SheetLayout;

/**
 * Pieces that may share a sheet, laid out on as few sheets as possible: by their boxes, which straight cuts get apart,
 * or by their outlines where that needs fewer sheets.
 */
final readonly class Gang
{
    /** Outlines of one kind never fill more of a sheet, the gaps between them off (assumed). */
    private const DENSEST = 0.85;

    /** A sheet that is filled without a search is filled on cells so many times as wide. */
    private const COARSER = 2.0;

    /**
     * @param list<GangSheet> $sheets
     * @param array<string, GangPiece> $pieces by id
     * @param bool $nested they lie by their outlines
     */
    private function __construct(public array $sheets, public array $pieces, public bool $nested) {}

    /**
     * @param callable(int, int, int): bool $goOn told how often it was tried, how many whole sheets the best so far
     *                                            has, and by which way: 0 by boxes, 1 by outlines; false takes that
     *
     * @throws BadRecord where a piece has no room on a whole sheet
     */
    public static function fromOrder(GangOrder $order, int $seed, callable $goOn): self
    {
        $pinned = $order->pinnedSheets();
        $grounds = self::grounds($order, $pinned);
        try {
            $boxes = Packer::pack(
                GangFilling::byBoxes($order, $grounds),
                $order->counts(),
                $seed,
                static fn(int $tried, int $sheets): bool => $goOn($tried, $sheets, 0),
            );
        } catch (NoRoom $e) {
            throw self::noRoom($order->pieces[$e->kind]);
        }
        $laid = self::laid($boxes, $order, $grounds, 1.0 / GangFilling::STEPS_A_MM);
        $nested = false;
        if ($order->couldNest() && count($boxes) > 1) {
            $cell = GangFilling::cellMm($order);
            try {
                $outlines = Packer::pack(
                    GangFilling::byOutlines($order, $grounds, $cell),
                    $order->counts(),
                    $seed,
                    static fn(int $tried, int $sheets): bool => $goOn($tried, $sheets, 1),
                );
            } catch (NoRoom) {
                // On cells some are a little larger than they are.
                $outlines = $boxes;
            }
            $nested = count($outlines) < count($boxes);
            $laid = $nested ? self::laid($outlines, $order, $grounds, $cell) : $laid;
        }
        $laid = self::withSpare($laid, $order, $nested || $order->couldNest());
        $sheets = [];
        foreach ($laid as [$paper, $places]) {
            // A sheet that is there once and was not needed is no sheet of this gang.
            if ([] !== $places) {
                $sheets[] = self::sheet($order, $paper, $places);
            }
        }

        return new self($sheets, $order->byId, $nested);
    }

    private static function noRoom(GangPiece $piece): BadRecord
    {
        return BadRecord::at('pieces', sprintf('“%s” has no room beside the tape.', $piece->label));
    }

    /**
     * A whole sheet filled with as many of the order's first piece as fit on it: by outlines where that is more.
     *
     * @throws BadRecord where not even one does
     */
    public static function full(GangOrder $order): GangSheet
    {
        $boxes = GangFilling::byBoxes($order, []);
        $best = self::fullest($boxes, $order, $boxes->rules());
        $unit = 1.0 / GangFilling::STEPS_A_MM;
        $most = (self::DENSEST * $order->paper->room->size->areaMm2()) / $order->pieces[0]->areaMm2();
        if ($order->couldNest() && count($best->spots) < min($order->pieces[0]->count, (int) $most)) {
            $cell = self::COARSER * GangFilling::cellMm($order);
            $nested = self::fullest(GangFilling::byOutlines($order, [], $cell), $order, 1);
            [$best, $unit] = count($nested->spots) > count($best->spots) ? [$nested, $cell] : [$best, $unit];
        }

        if ([] === $best->spots) {
            throw self::noRoom($order->pieces[0]);
        }

        return self::sheet($order, $order->paper, self::places($best->spots, $order->pieces, $order->paper, $unit));
    }

    /**
     * A sheet with its pieces where they were found to lie.
     *
     * @param list<GangPlace> $places
     */
    public static function placed(GangOrder $order, array $places): GangSheet
    {
        return self::sheet($order, $order->paper, $places);
    }

    private static function fullest(Filling $filling, GangOrder $order, int $rules): Packed
    {
        $best = new Packed(0, [], 0);
        for ($rule = 0; $rule < $rules; ++$rule) {
            $pool = [$order->pieces[0]->count];
            $filled = $filling->fill($pool, [0], $rule, 0);
            $best = count($filled->spots) > count($best->spots) ? $filled : $best;
        }

        return $best;
    }

    /** @param list<GangPlace> $places */
    private static function sheet(GangOrder $order, GangPaper $paper, array $places): GangSheet
    {
        $gap = $order->gap->mm;
        $taken = [
            ...$paper->blocked,
            ...array_map(static fn(GangPlace $place): Rect => $place->rect->grown($gap), $places),
        ];
        $area = array_sum(
            array_map(
                static fn(GangPlace $place): float => GangFilling::piece($order, $place->piece)->areaMm2(),
                $places,
            ),
        );
        $bar = SheetLayout::secondBar($paper->room, $taken);

        // What is kept of a sheet has nothing printed on it.
        return new GangSheet(
            $paper,
            $places,
            $area / $paper->room->size->areaMm2(),
            Leftovers::fromRoom($paper->room, null === $bar ? $taken : [...$taken, SheetLayout::roomOfBar($bar)]),
            $bar,
        );
    }

    /** How many whole sheets it takes. */
    public function whole(): int
    {
        return count(array_filter($this->sheets, static fn(GangSheet $sheet): bool => null === $sheet->paper->offcut));
    }

    /**
     * The part of a whole sheet that one piece takes up, its share of the waste of the sheets with it; 0 to 1. What
     * lies on offcuts costs nothing anew.
     */
    public function shareOf(string $id): float
    {
        $own = $this->pieces[$id]->areaMm2();
        $all = array_sum(
            array_map(static fn(GangPiece $piece): float => $piece->count * $piece->areaMm2(), $this->pieces),
        );

        return 0.0 === $all ? 0.0 : ($this->whole() * $own) / $all;
    }

    /**
     * The sheets that are there once: pinned ones, then offcuts.
     *
     * @param array<int, non-empty-list<GangPin>> $pinned
     *
     * @return list<array{GangPaper, list<GangPlace>}>
     */
    private static function grounds(GangOrder $order, array $pinned): array
    {
        $grounds = array_map(
            static fn(array $pins): array => [
                $order->paper,
                array_map(
                    static fn(GangPin $pin): GangPlace => new GangPlace(
                        $pin->piece,
                        $order->boxOf($pin),
                        $pin->quarters,
                        pinned: true,
                    ),
                    $pins,
                ),
            ],
            array_values($pinned),
        );
        foreach ($order->offcuts as $offcut) {
            $grounds[] = [$offcut, []];
        }

        return $grounds;
    }

    /**
     * @param list<Packed> $sheets
     * @param list<array{GangPaper, list<GangPlace>}> $grounds
     * @param float $unit of the spots, in mm
     *
     * @return list<array{GangPaper, list<GangPlace>}>
     */
    private static function laid(array $sheets, GangOrder $order, array $grounds, float $unit): array
    {
        return array_map(static function (Packed $sheet) use ($order, $grounds, $unit): array {
            [$paper, $places] = $grounds[$sheet->ground - 1] ?? [$order->paper, []];

            return [$paper, [...$places, ...self::places($sheet->spots, $order->pieces, $paper, $unit)]];
        }, $sheets);
    }

    /**
     * @param list<Spot> $spots
     * @param list<GangPiece> $pieces
     *
     * @return list<GangPlace>
     */
    private static function places(
        array $spots,
        array $pieces,
        GangPaper $paper,
        float $unit,
        bool $spare = false,
    ): array {
        return array_map(static function (Spot $spot) use ($pieces, $paper, $unit, $spare): GangPlace {
            $piece = $pieces[$spot->kind];
            /** @var int<0, 3> $quarters */
            $quarters = $spot->quarters;

            return new GangPlace(
                $piece->id,
                Rect::at(
                    $paper->room->xMm + $spot->x * $unit,
                    $paper->room->yMm + $spot->y * $unit,
                    $piece->boxTurned($quarters),
                ),
                $quarters,
                spare: $spare,
            );
        }, $spots);
    }

    /**
     * With what fills the room that is left on sheets that are needed anyway.
     *
     * @param list<array{GangPaper, list<GangPlace>}> $laid
     *
     * @return list<array{GangPaper, list<GangPlace>}>
     */
    private static function withSpare(array $laid, GangOrder $order, bool $nested): array
    {
        $pool = array_filter(
            array_map(static fn(GangPiece $piece): int => $piece->count, $order->spare),
            static fn(int $count): bool => $count > 0,
        );
        if ([] === $pool) {
            return $laid;
        }
        [$filling, $unit] = $nested
            ? [GangFilling::byOutlines($order, $laid, GangFilling::cellMm($order), true), GangFilling::cellMm($order)]
            : [GangFilling::byBoxes($order, $laid, true), 1.0 / GangFilling::STEPS_A_MM];
        $areas = $filling->areas();
        foreach ($laid as $at => [$paper, $places]) {
            if ([] !== $places) {
                $kinds = array_keys($pool);
                usort($kinds, static fn(int $a, int $b): int => $areas[$b] <=> $areas[$a]);
                $filled = $filling->fill($pool, $kinds, 0, $at + 1);
                $laid[$at] = [
                    $paper,
                    [...$places, ...self::places($filled->spots, $order->spare, $paper, $unit, true)],
                ];
            }
        }

        return $laid;
    }
}
