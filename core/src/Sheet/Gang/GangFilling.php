<?php

declare(strict_types=1);

namespace Wubbin\Core\Sheet\Gang;

use Wubbin\Core\Measure\Rect;
use Wubbin\Core\Measure\Size;

/** What an order is filled by: its pieces as boxes, or as outlines on a raster, and what lies on its sheets already. */
final class GangFilling
{
    /** Steps that lengths are counted in between boxes: a twentieth of a millimetre is finer than any cut. */
    public const STEPS_A_MM = 20;

    /** Cells of the raster that outlines are laid on: 1 mm, or so many across a large sheet. */
    private const CELLS_ACROSS = 260.0;

    /** @param list<array{GangPaper, list<GangPlace>}> $grounds */
    public static function byBoxes(GangOrder $order, array $grounds, bool $spare = false): RectFilling
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
    public static function byOutlines(
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

    public static function piece(GangOrder $order, string $id): GangPiece
    {
        foreach ($order->spare as $piece) {
            if ($piece->id === $id) {
                return $piece;
            }
        }

        return $order->byId[$id];
    }

    public static function cellMm(GangOrder $order): float
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
