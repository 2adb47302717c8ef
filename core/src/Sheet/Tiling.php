<?php

declare(strict_types=1);

namespace Wubbin\Core\Sheet;

use Wubbin\Core\Measure\Length;
use Wubbin\Core\Measure\Rect;
use Wubbin\Core\Measure\Size;
use Wubbin\Core\Sheet\Gang\Gang;
use Wubbin\Core\Sheet\Gang\GangOrder;
use Wubbin\Core\Sheet\Gang\GangPaper;
use Wubbin\Core\Sheet\Gang\GangPiece;
use Wubbin\Core\Sheet\Gang\GangPlace;
use Wubbin\Core\Sheet\Gang\GangSheet;

/**
 * A picture larger than the sheet, split over the fewest sheets: in rows and columns that overlap, joined where it
 * shows least, small parts sharing a sheet. Every part carries its marks outside the picture: lines to cut along, and
 * ticks that meet those of its neighbours.
 */
final readonly class Tiling implements \JsonSerializable
{
    public const MOST_TILES = 64;

    /** What stands round a part: ticks, and its name. In mm. */
    private const MARKS_MM = 6.0;
    private const TICK_MM = 4.0;
    private const LINE_MM = 0.2;

    /** Rows or columns more than needed that are tried for the sake of something that is to stay whole. */
    private const MORE = 2;

    /** A few parts are soon laid out. */
    private const TRIES = 4;

    /**
     * @param non-empty-list<Tile> $tiles
     * @param non-empty-list<TileSheet> $sheets
     * @param bool $through a join runs through something that was to stay whole
     */
    private function __construct(
        public Size $picture,
        public float $overlapMm,
        public bool $mirrored,
        public array $tiles,
        public array $sheets,
        public bool $through,
    ) {}

    /**
     * @param Size $paper the sheet, upright
     * @param float $marginMm what the printer leaves white on every side
     * @param Length $overlap of two neighbours
     * @param list<Rect> $whole of the picture, that no join is to run through
     * @param callable(bool, float, float): float $busy how much is going on across (or down) between two places
     *                                                  in mm, 0 to 1
     *
     * @return self|null null where the overlap is as wide as the sheet, or it would be too many parts
     */
    public static function forPicture(
        Size $picture,
        Size $paper,
        float $marginMm,
        Length $overlap,
        bool $mirrored,
        string $name,
        array $whole,
        callable $busy,
    ): ?self {
        // Even parts first; full ones beside a small rest where the rests then share a sheet and save one.
        $joins = static fn(bool $across, float $length, float $longest): array => array_map(
            static fn(bool $full): ?Joins => self::joins(
                $across,
                $length,
                $longest,
                $overlap->mm,
                $whole,
                $busy,
                $full,
            ),
            [false, true],
        );
        $best = null;
        foreach ([$paper, $paper->turned()] as $page) {
            $printable = SheetLayout::printable($page, $marginMm);
            $room = null === $printable ? null : SheetLayout::room($printable);
            if (null === $printable || null === $room) {
                continue;
            }
            [$widest, $highest] = [
                $room->size->widthMm - 2.0 * self::MARKS_MM,
                $room->size->heightMm - 2.0 * self::MARKS_MM,
            ];
            if (min($widest, $highest) <= $overlap->mm) {
                continue;
            }
            foreach (
                self::pairs($joins(true, $picture->widthMm, $widest), $joins(false, $picture->heightMm, $highest))
                as $pair
            ) {
                $found = self::joined(
                    $picture,
                    $page,
                    $printable,
                    $room,
                    $pair[0],
                    $pair[1],
                    $overlap->mm,
                    $mirrored,
                    $name,
                );
                $best = null === $best || $found->effort() < $best->effort() ? $found : $best;
            }
        }

        return $best;
    }

    /** @return array{bool, int, int} what is spared, the most important first */
    private function effort(): array
    {
        return [$this->through, count($this->sheets), count($this->tiles)];
    }

    /**
     * Joins across and down that can go together.
     *
     * @param list<Joins|null> $columns
     * @param list<Joins|null> $rows
     *
     * @return list<array{Joins, Joins}>
     */
    private static function pairs(array $columns, array $rows): array
    {
        $pairs = [];
        foreach ([[0, 0], [1, 0], [0, 1], [1, 1]] as [$a, $d]) {
            [$across, $down] = [$columns[$a], $rows[$d]];
            if (
                null !== $across &&
                null !== $down &&
                (count($across->at) + 1) * (count($down->at) + 1) <= self::MOST_TILES
            ) {
                $pairs[] = [$across, $down];
            }
        }

        return $pairs;
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return [
            'width_mm' => $this->picture->widthMm,
            'height_mm' => $this->picture->heightMm,
            'overlap_mm' => $this->overlapMm,
            'mirrored' => $this->mirrored,
            'tiles' => $this->tiles,
            'sheets' => $this->sheets,
        ];
    }

    private static function joined(
        Size $picture,
        Size $page,
        Rect $printable,
        Rect $room,
        Joins $across,
        Joins $down,
        float $overlap,
        bool $mirrored,
        string $name,
    ): self {
        $tiles = [];
        foreach ($down->parts($picture->heightMm, $overlap) as $r => [$top, $bottom]) {
            foreach ($across->parts($picture->widthMm, $overlap) as $c => [$left, $right]) {
                $tiles[] = new Tile($r + 1, $c + 1, Rect::mm($left, $top, $right - $left, $bottom - $top));
            }
        }

        return new self(
            $picture,
            $overlap,
            $mirrored,
            $tiles,
            self::sheets($tiles, $page, $printable, $room, $across, $down, $mirrored, $name),
            $across->through || $down->through,
        );
    }

    /**
     * @param list<Rect> $whole
     * @param callable(bool, float, float): float $busy
     */
    private static function joins(
        bool $across,
        float $length,
        float $longest,
        float $overlap,
        array $whole,
        callable $busy,
        bool $full,
    ): ?Joins {
        $spans = array_map(
            static fn(Rect $rect): array => $across ? [$rect->xMm, $rect->right()] : [$rect->yMm, $rect->bottom()],
            $whole,
        );
        $fewest = Joins::fewest($length, $longest, $overlap);
        $best = null;
        for ($more = 0; $more <= self::MORE; ++$more) {
            $found = Joins::into(
                $fewest + $more,
                $length,
                $longest,
                $overlap,
                $spans,
                static fn(float $from, float $to): float => $busy($across, $from, $to),
                $full,
            );
            $best ??= $found;
            if (null !== $found && !$found->through) {
                return $found;
            }
        }

        return $best;
    }

    /**
     * @param non-empty-list<Tile> $tiles
     *
     * @return non-empty-list<TileSheet>
     */
    private static function sheets(
        array $tiles,
        Size $page,
        Rect $printable,
        Rect $room,
        Joins $across,
        Joins $down,
        bool $mirrored,
        string $name,
    ): array {
        $byName = [];
        $pieces = [];
        foreach ($tiles as $tile) {
            $byName[$tile->name()] = $tile;
            $pieces[] = new GangPiece($tile->name(), $tile->name(), $tile->part->size->grown(self::MARKS_MM), 1);
        }
        $laid = self::laid($pieces, $page, $room);
        $sheets = [];
        foreach ($laid as $number => $places) {
            $placed = [];
            foreach ($places as $place) {
                $tile = $byName[$place->piece];
                $sideways = 1 === $place->quarters;
                $at = Rect::at(
                    $place->rect->xMm + self::MARKS_MM,
                    $place->rect->yMm + self::MARKS_MM,
                    $tile->part->size,
                );
                $placed[] = new PlacedTile(
                    $tile,
                    $at,
                    $sideways,
                    $place->rect,
                    self::marks($tile, $at, $across, $down, $mirrored),
                );
            }
            $bar = SheetLayout::secondBar($room, array_map(static fn(PlacedTile $one): Rect => $one->takes, $placed));
            $names = implode(', ', array_map(static fn(PlacedTile $one): string => $one->tile->name(), $placed));
            if ([] !== $placed) {
                $sheets[] = new TileSheet($page, $printable, $placed, [
                    ...SheetLayout::strip(
                        $printable,
                        false,
                        sprintf('%s · part %s · sheet %d of %d', $name, $names, $number + 1, count($laid)),
                    ),
                    ...null === $bar ? [] : [$bar],
                ]);
            }
        }

        return [] === $sheets ? throw new \LogicException('A picture has a part.') : $sheets;
    }

    /**
     * Each on a sheet of its own where no two have room on one; else as few sheets as there are found.
     *
     * @param non-empty-list<GangPiece> $pieces
     *
     * @return list<list<GangPlace>>
     */
    private static function laid(array $pieces, Size $page, Rect $room): array
    {
        $shortest = array_map(
            static fn(GangPiece $piece): float => min($piece->size->widthMm, $piece->size->heightMm),
            $pieces,
        );
        sort($shortest);
        if ($shortest[0] + ($shortest[1] ?? \INF) > max($room->size->widthMm, $room->size->heightMm)) {
            return array_map(
                static fn(GangPiece $piece): array => [
                    new GangPlace($piece->id, Rect::at($room->xMm, $room->yMm, $piece->size), 0),
                ],
                $pieces,
            );
        }
        $gang = Gang::fromOrder(
            new GangOrder($pieces, new GangPaper($page, $room), Length::mm(0.0)),
            1,
            static fn(int $tried): bool => $tried < self::TRIES,
        );

        return array_map(static fn(GangSheet $sheet): array => $sheet->places, $gang->sheets);
    }

    /**
     * Where to cut, ticks outside it at the middle of every join and, to tell parts apart, its name: nothing of it on
     * the picture, since every dot of such a print may be transferred.
     *
     * @return list<SheetMark>
     */
    private static function marks(Tile $tile, Rect $at, Joins $across, Joins $down, bool $mirrored): array
    {
        $marks = self::crop($at);
        $part = $tile->part;
        foreach ($across->at as $join) {
            $x = $join - $part->xMm;
            if ($x > 0.0 && $x < $part->size->widthMm) {
                $x = $at->xMm + ($mirrored ? $part->size->widthMm - $x : $x);
                $marks[] = new SheetMark(
                    MarkKind::Tick,
                    Rect::mm($x - self::LINE_MM / 2.0, $at->yMm - 1.0 - self::TICK_MM, self::LINE_MM, self::TICK_MM),
                );
                $marks[] = new SheetMark(
                    MarkKind::Tick,
                    Rect::mm($x - self::LINE_MM / 2.0, $at->bottom() + 1.0, self::LINE_MM, self::TICK_MM),
                );
            }
        }
        foreach ($down->at as $join) {
            $y = $join - $part->yMm;
            if ($y > 0.0 && $y < $part->size->heightMm) {
                $marks[] = new SheetMark(
                    MarkKind::Tick,
                    Rect::mm(
                        $at->xMm - 1.0 - self::TICK_MM,
                        $at->yMm + $y - self::LINE_MM / 2.0,
                        self::TICK_MM,
                        self::LINE_MM,
                    ),
                );
                $marks[] = new SheetMark(
                    MarkKind::Tick,
                    Rect::mm($at->right() + 1.0, $at->yMm + $y - self::LINE_MM / 2.0, self::TICK_MM, self::LINE_MM),
                );
            }
        }
        $marks[] = new SheetMark(MarkKind::Text, Rect::mm($at->xMm + 6.0, $at->yMm - 5.0, 14.0, 4.0), $tile->name());

        return $marks;
    }

    /** @return list<SheetMark> short lines off the corners, in line with the edges */
    private static function crop(Rect $at): array
    {
        $half = self::LINE_MM / 2.0;
        $marks = [];
        foreach ([$at->xMm, $at->right()] as $x) {
            $marks[] = new SheetMark(
                MarkKind::Crop,
                Rect::mm($x - $half, $at->yMm - 1.0 - self::TICK_MM, self::LINE_MM, self::TICK_MM),
            );
            $marks[] = new SheetMark(
                MarkKind::Crop,
                Rect::mm($x - $half, $at->bottom() + 1.0, self::LINE_MM, self::TICK_MM),
            );
        }
        foreach ([$at->yMm, $at->bottom()] as $y) {
            $marks[] = new SheetMark(
                MarkKind::Crop,
                Rect::mm($at->xMm - 1.0 - self::TICK_MM, $y - $half, self::TICK_MM, self::LINE_MM),
            );
            $marks[] = new SheetMark(
                MarkKind::Crop,
                Rect::mm($at->right() + 1.0, $y - $half, self::TICK_MM, self::LINE_MM),
            );
        }

        return $marks;
    }
}
