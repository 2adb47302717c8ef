<?php

declare(strict_types=1);

namespace Wubbin\Core\Sheet\Gang;

use Wubbin\Core\Measure\Rect;
use Wubbin\Core\Measure\Size;
use Wubbin\Core\Sheet\SheetLayout;

/**
 * Pieces that may share a sheet, laid out on as few sheets as possible: by their boxes, which straight cuts get apart,
 * or by their outlines where that needs fewer sheets.
 */
final readonly class Gang
{
    /** Steps that lengths are counted in between boxes: a twentieth of a millimetre is finer than any cut. */
    private const STEPS_A_MM = 20;

    /** Cells of the raster that outlines are laid on: 1 mm, or so many across a large sheet. */
    private const CELLS_ACROSS = 260.0;

    /**
     * @param list<GangSheet> $sheets
     * @param array<string, GangPiece> $pieces by id
     * @param bool $nested they lie by their outlines
     */
    private function __construct(public array $sheets, public array $pieces, public bool $nested) {}

    /**
     * @param callable(int, int, int): bool $goOn told how often it was tried, how many whole sheets the best so far
     *                                            has, and by which way: 0 by boxes, 1 by outlines; false takes that
     */
    public static function fromOrder(GangOrder $order, int $seed, callable $goOn): self
    {
        $pinned = $order->pinnedSheets();
        $grounds = self::grounds($order, $pinned);
        $boxes = Packer::pack(
            self::byBoxes($order, $grounds),
            $order->counts(),
            $seed,
            static fn(int $tried, int $sheets): bool => $goOn($tried, $sheets, 0),
        );
        $laid = self::laid($boxes, $order, $grounds, 1.0 / self::STEPS_A_MM);
        $nested = false;
        if ($order->couldNest() && count($boxes) > 1) {
            $cell = self::cellMm($order);
            $outlines = Packer::pack(
                self::byOutlines($order, $grounds, $cell),
                $order->counts(),
                $seed,
                static fn(int $tried, int $sheets): bool => $goOn($tried, $sheets, 1),
            );
            $nested = count($outlines) < count($boxes);
            $laid = $nested ? self::laid($outlines, $order, $grounds, $cell) : $laid;
        }
        $laid = self::withSpare($laid, $order, $nested || $order->couldNest());
        $gap = $order->gap->mm;
        $sheets = [];
        foreach ($laid as [$paper, $places]) {
            // A sheet that is there once and was not needed is no sheet of this gang.
            if ([] !== $places) {
                $taken = [
                    ...$paper->blocked,
                    ...array_map(static fn(GangPlace $place): Rect => $place->rect->grown($gap), $places),
                ];
                $area = array_sum(
                    array_map(
                        static fn(GangPlace $place): float => self::piece($order, $place->piece)->areaMm2(),
                        $places,
                    ),
                );
                $bar = SheetLayout::secondBar($paper->room, $taken);
                // What is kept of a sheet has nothing printed on it.
                $sheets[] = new GangSheet(
                    $paper,
                    $places,
                    $area / $paper->room->size->areaMm2(),
                    Leftovers::fromRoom(
                        $paper->room,
                        null === $bar ? $taken : [...$taken, SheetLayout::roomOfBar($bar)],
                    ),
                    $bar,
                );
            }
        }

        return new self($sheets, $order->byId, $nested);
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

    /** @param list<array{GangPaper, list<GangPlace>}> $grounds */
    private static function byBoxes(GangOrder $order, array $grounds, bool $spare = false): RectFilling
    {
        $gap = $order->gap->mm;
        $sheet = static fn(Size $room): array => [
            (int) floor(($room->widthMm + $gap) * self::STEPS_A_MM + 1e-6),
            (int) floor(($room->heightMm + $gap) * self::STEPS_A_MM + 1e-6),
        ];
        $down = static fn(float $mm): int => (int) floor($mm * self::STEPS_A_MM + 1e-6);
        $up = static fn(float $mm): int => (int) ceil($mm * self::STEPS_A_MM - 1e-6);
        $edges = static fn(Rect $rect, Rect $room): array => [
            max(0, $down($rect->xMm - $room->xMm)),
            max(0, $down($rect->yMm - $room->yMm)),
            $up($rect->right() + $gap - $room->xMm),
            $up($rect->bottom() + $gap - $room->yMm),
        ];
        // The gap is added to every piece on two sides, and to the sheet once.
        $kinds = array_map(
            static fn(GangPiece $piece): array => [
                $up($piece->size->widthMm + $gap),
                $up($piece->size->heightMm + $gap),
                $piece->turns,
            ],
            $spare ? $order->spare : $order->pieces,
        );
        $single = [];
        foreach ($grounds as [$paper, $places]) {
            $room = $paper->room;
            $taken = array_map(static fn(GangPlace $place): array => $edges($place->rect, $room), $places);
            $single[] = [
                ...$sheet($room->size),
                [...$taken, ...array_map(static fn(Rect $rect): array => $edges($rect, $room), $paper->blocked)],
            ];
        }
        $blocked = array_map(
            static fn(Rect $rect): array => $edges($rect, $order->paper->room),
            $order->paper->blocked,
        );

        [$width, $height] = $sheet($order->paper->room->size);

        return new RectFilling($kinds, $width, $height, grounds: $single, blocked: $blocked);
    }

    /** @param list<array{GangPaper, list<GangPlace>}> $grounds */
    private static function byOutlines(
        GangOrder $order,
        array $grounds,
        float $cell,
        bool $spare = false,
    ): OutlineFilling {
        $gap = $order->gap->mm;
        $sheet = static fn(Size $room): array => [
            (int) floor(($room->widthMm + $gap) / $cell + 1e-6),
            (int) floor(($room->heightMm + $gap) / $cell + 1e-6),
        ];
        $points = static fn(GangPiece $piece): array => array_map(
            static fn(array $p): array => [$p[0] / $cell, $p[1] / $cell],
            $piece->outline,
        );
        $kinds = array_map(
            static fn(GangPiece $piece): array => [$points($piece), $piece->turns],
            $spare ? $order->spare : $order->pieces,
        );
        $blocked = static fn(GangPaper $paper): array => array_map(
            static fn(Rect $rect): array => self::lying(
                Rect::at(0.0, 0.0, Size::mm($rect->size->widthMm / $cell, $rect->size->heightMm / $cell))->corners(),
                $rect,
                $paper->room,
                $cell,
            ),
            $paper->blocked,
        );
        $single = [];
        foreach ($grounds as [$paper, $places]) {
            $taken = [];
            foreach ($places as $place) {
                $outline = $points(self::piece($order, $place->piece));
                for ($turn = 0; $turn < $place->quarters; ++$turn) {
                    $outline = Silhouette::turned($outline);
                }
                $taken[] = self::lying($outline, $place->rect, $paper->room, $cell);
            }
            $single[] = [...$sheet($paper->room->size), [...$taken, ...$blocked($paper)]];
        }

        [$width, $height] = $sheet($order->paper->room->size);

        return new OutlineFilling(
            $kinds,
            $width,
            $height,
            grow: $gap / 2.0 / $cell,
            grounds: $single,
            blocked: $blocked($order->paper),
        );
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
            ? [self::byOutlines($order, $laid, self::cellMm($order), true), self::cellMm($order)]
            : [self::byBoxes($order, $laid, true), 1.0 / self::STEPS_A_MM];
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

    private static function piece(GangOrder $order, string $id): GangPiece
    {
        foreach ($order->spare as $piece) {
            if ($piece->id === $id) {
                return $piece;
            }
        }

        return $order->byId[$id];
    }

    private static function cellMm(GangOrder $order): float
    {
        return max(1.0, sqrt($order->paper->room->size->areaMm2()) / self::CELLS_ACROSS);
    }

    /**
     * An outline with the place of its box, in cells of the room.
     *
     * @param non-empty-list<array{float, float}> $outline in cells from its box
     *
     * @return array{non-empty-list<array{float, float}>, int, int}
     */
    private static function lying(array $outline, Rect $rect, Rect $room, float $cell): array
    {
        [$x, $y] = [max(0.0, ($rect->xMm - $room->xMm) / $cell), max(0.0, ($rect->yMm - $room->yMm) / $cell)];
        // Placed by hand it may lie between two cells.
        [$dx, $dy] = [$x - floor($x), $y - floor($y)];

        return [
            array_map(static fn(array $p): array => [$p[0] + $dx, $p[1] + $dy], $outline),
            (int) floor($x),
            (int) floor($y),
        ];
    }
}
