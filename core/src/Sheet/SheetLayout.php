<?php

declare(strict_types=1);

namespace Wubbin\Core\Sheet;

use Wubbin\Core\Measure\Contour;
use Wubbin\Core\Measure\Length;
use Wubbin\Core\Measure\Rect;
use Wubbin\Core\Measure\Size;
use Wubbin\Core\Sheet\Gang\Leftovers;

/**
 * One picture on one sheet at true size, with its trim line, and a strip beside it for what must be read and not
 * transferred: which way is up, the check bar, the job's name.
 */
final readonly class SheetLayout implements \JsonSerializable
{
    /** Long enough to show a scaling of half a per cent with a ruler. */
    public const CHECK_BAR_MM = 100.0;

    /** Across a dot to sight by: small enough to be drilled away (assumed). */
    private const DOT_MM = 1.0;

    /** Room for two lines of 8 point type and the bar's end ticks. */
    private const STRIP_MM = 15.0;

    /**
     * Where the bar begins along the strip, after the arrow and its words; and what it needs behind it for its length.
     */
    private const BAR_FROM_MM = 40.0;
    private const BAR_WORDS_MM = 14.0;

    /** A bar across the strip's direction: its ticks, and air beside them. */
    private const BAR_ACROSS_MM = 6.0;

    /**
     * @param Rect $cut the box of the line that it is cut along
     * @param bool $mirrored as it comes out of the printer
     * @param SheetMark|null $apart the line to cut along, where it is on a page of its own
     * @param list<SheetMark> $marks
     */
    private function __construct(
        public Size $page,
        public Rect $printable,
        public Rect $picture,
        public Rect $cut,
        public bool $mirrored,
        public array $marks,
        public ?SheetMark $apart = null,
    ) {}

    /**
     * Tries the sheet upright and lying, with the strip below and beside the picture; the first that fits is taken.
     *
     * @param Size $paper the sheet, upright
     * @param float $marginMm what the printer leaves white on every side
     * @param string $name the job's name
     * @param bool $guide whether the trim line is drawn
     * @param list<non-empty-list<array{float, float}>> $outline closed lines to trim along, in mm from the picture's
     *                                                           upper left corner as it reads; its rectangle where
     *                                                           there are none
     * @param list<array{float, float}> $dots middles of holes to sight it by, in the same way
     * @param list<Rect> $zones of an upright page that a carrier is taped on
     * @param bool $apart the trim line is on a page of its own: every dot of
     *                    this one is transferred
     *
     * @return self|null null where the picture with its trim margin and the strip is too large for the sheet
     */
    public static function fit(
        Size $picture,
        Size $paper,
        float $marginMm,
        Length $trim,
        bool $mirrored,
        string $name,
        bool $guide = true,
        array $outline = [],
        array $dots = [],
        array $zones = [],
        bool $apart = false,
    ): ?self {
        $cut =
            [] === $outline
                ? Rect::at(0.0, 0.0, $picture)->grown($trim->mm)
                : Contour::box(array_merge(...$outline))->around(Rect::at(0.0, 0.0, $picture));
        foreach ([$paper, $paper->turned()] as $page) {
            $printable = self::printable($page, $marginMm);
            if (null === $printable) {
                continue;
            }
            foreach ([false, true] as $beside) {
                $room = self::room($printable, $beside);
                if (null !== $room && $cut->size->fitsIn($room->size)) {
                    $before = $mirrored ? $cut->right() - $picture->widthMm : -$cut->xMm;
                    $tape = self::tapeZones($zones, $page, $page->widthMm !== $paper->widthMm);
                    [$box, $bar] = self::besideBar($cut->size, $room, $beside, $tape);
                    $place = Rect::at($box->xMm + $before, $box->yMm - $cut->yMm, $picture);
                    $trimLine = new SheetMark(
                        MarkKind::TrimLine,
                        $box,
                        lines: self::onSheet($outline, $place, $mirrored),
                    );
                    $marks = [
                        ...$guide && !$apart ? [$trimLine] : [],
                        ...array_map(static fn(array $dot): SheetMark => self::dot($dot, $place, $mirrored), $dots),
                        ...self::strip($printable, $beside, $name),
                        ...null === $bar ? [] : [$bar],
                        ...$tape,
                    ];

                    return new self(
                        $page,
                        $printable,
                        $place,
                        $box,
                        $mirrored,
                        $marks,
                        $guide && $apart ? $trimLine : null,
                    );
                }
            }
        }

        return null;
    }

    /**
     * Where the carrier's tape lies.
     *
     * @param list<Rect> $zones of the upright sheet
     *
     * @return list<SheetMark>
     */
    private static function tapeZones(array $zones, Size $page, bool $turned): array
    {
        return array_map(
            static fn(Rect $zone): SheetMark => new SheetMark(
                MarkKind::TapeZone,
                $turned
                    ? Rect::mm(
                        $page->widthMm - $zone->bottom(),
                        $zone->xMm,
                        $zone->size->heightMm,
                        $zone->size->widthMm,
                    )
                    : $zone,
            ),
            $zones,
        );
    }

    /** The line to cut along is drawn on it. */
    public function guided(): bool
    {
        return [] !==
            array_filter($this->marks, static fn(SheetMark $mark): bool => MarkKind::TrimLine === $mark->kind);
    }

    /**
     * @return non-empty-list<non-empty-list<array{float,
     *     float}>> closed lines to cut along, on the page: its box where none is drawn
     */
    public function cutLines(): array
    {
        foreach ([...$this->marks, ...null === $this->apart ? [] : [$this->apart]] as $mark) {
            if (MarkKind::TrimLine === $mark->kind && [] !== $mark->lines) {
                return $mark->lines;
            }
        }

        return [$this->cut->corners()];
    }

    /**
     * Where a piece lies in the room: off the tape, and beside the second bar; and that bar, where the piece leaves it
     * a place.
     *
     * @param list<SheetMark> $tape
     *
     * @return array{Rect, SheetMark|null}
     */
    private static function besideBar(Size $piece, Rect $room, bool $beside, array $tape): array
    {
        $bar = self::secondBar($room, [], $beside);
        $box = LeastWaste::place($piece, $room, array_map(static fn(SheetMark $mark): Rect => $mark->rect, $tape));
        if (null === $bar || null === $box->overlap(self::roomOfBar($bar))) {
            return [$box, $bar];
        }
        $narrower = $room->size->widthMm - self::BAR_ACROSS_MM;
        $moved = Rect::at($room->xMm + ($narrower - $piece->widthMm) / 2.0, $room->yMm, $piece);

        return !$beside && $piece->widthMm <= $narrower ? [$moved, $bar] : [$box, null];
    }

    /**
     * The check bar across the strip's one, so that a page that was scaled in one direction only shows it: where
     * nothing lies, as far to the right and below as there is.
     *
     * @param list<Rect> $taken
     */
    public static function secondBar(Rect $room, array $taken, bool $beside = false): ?SheetMark
    {
        $long = self::CHECK_BAR_MM + self::BAR_WORDS_MM;
        $size = $beside ? Size::mm($long, self::BAR_ACROSS_MM) : Size::mm(self::BAR_ACROSS_MM, $long);
        $place = Leftovers::placeFor($size, $room, $taken);
        if (null === $place) {
            return null;
        }
        $rect = $beside
            ? Rect::mm($place->xMm, $place->yMm + 1.5, self::CHECK_BAR_MM, 3.0)
            : Rect::mm($place->xMm + 1.5, $place->bottom() - self::CHECK_BAR_MM, 3.0, self::CHECK_BAR_MM);

        return new SheetMark(MarkKind::CheckBar, $rect, '100 mm', !$beside);
    }

    /** What a second bar takes up with its words. */
    public static function roomOfBar(SheetMark $bar): Rect
    {
        return $bar->turned
            ? Rect::mm(
                $bar->rect->xMm - 1.5,
                $bar->rect->yMm - self::BAR_WORDS_MM,
                self::BAR_ACROSS_MM,
                $bar->rect->size->heightMm + self::BAR_WORDS_MM,
            )
            : Rect::mm(
                $bar->rect->xMm,
                $bar->rect->yMm - 1.5,
                $bar->rect->size->widthMm + self::BAR_WORDS_MM,
                self::BAR_ACROSS_MM,
            );
    }

    /**
     * The widest a picture of this shape can be on the sheet, in mm; 0 where not even a sliver fits.
     *
     * @param Length|null $tab that stands above it
     */
    public static function widest(float $aspect, Size $paper, float $marginMm, Length $trim, ?Length $tab = null): float
    {
        $widest = 0.0;
        foreach ([$paper, $paper->turned()] as $page) {
            $printable = self::printable($page, $marginMm);
            if (null === $printable) {
                continue;
            }
            foreach ([false, true] as $beside) {
                $room = self::room($printable, $beside)?->size;
                $widest =
                    null === $room
                        ? $widest
                        : max(
                            $widest,
                            min(
                                $room->widthMm - 2.0 * $trim->mm,
                                ($room->heightMm - 2.0 * $trim->mm - ($tab->mm ?? 0.0)) * $aspect,
                            ),
                        );
            }
        }

        return $widest;
    }

    /**
     * @param list<non-empty-list<array{float, float}>> $outline
     *
     * @return list<non-empty-list<array{float, float}>>
     */
    private static function onSheet(array $outline, Rect $place, bool $mirrored): array
    {
        return array_map(
            static fn(array $loop): array => array_map(
                static fn(array $p): array => [
                    round($mirrored ? $place->right() - $p[0] : $place->xMm + $p[0], 2),
                    round($place->yMm + $p[1], 2),
                ],
                $loop,
            ),
            $outline,
        );
    }

    /** @param array{float, float} $middle */
    private static function dot(array $middle, Rect $place, bool $mirrored): SheetMark
    {
        return new SheetMark(
            MarkKind::Dot,
            Rect::mm(
                ($mirrored ? $place->right() - $middle[0] : $place->xMm + $middle[0]) - self::DOT_MM / 2.0,
                $place->yMm + $middle[1] - self::DOT_MM / 2.0,
                self::DOT_MM,
                self::DOT_MM,
            ),
        );
    }

    /** The page but for what the printer leaves white on every side; null where that is all of it. */
    public static function printable(Size $page, float $marginMm): ?Rect
    {
        [$wide, $high] = [$page->widthMm - 2.0 * $marginMm, $page->heightMm - 2.0 * $marginMm];

        return min($wide, $high) <= 0.0 ? null : Rect::mm($marginMm, $marginMm, $wide, $high);
    }

    /** What pictures may lie on: the strip of marks off, below or beside; null where it takes all. */
    public static function room(Rect $printable, bool $beside = false): ?Rect
    {
        [$wide, $high] = [
            $printable->size->widthMm - ($beside ? self::STRIP_MM : 0.0),
            $printable->size->heightMm - ($beside ? 0.0 : self::STRIP_MM),
        ];

        return min($wide, $high) <= 0.0 ? null : Rect::mm($printable->xMm, $printable->yMm, $wide, $high);
    }

    /**
     * The strip's marks run along the sheet's lower edge, or up its right edge; the dots at its ends are what a cutter
     * finds the sheet by. On an offcut that is too short for the bar it is left out.
     *
     * @return list<SheetMark>
     */
    public static function strip(Rect $printable, bool $beside, string $name): array
    {
        // Along the strip: the arrow, the bar, then the name in what is left; `place` lays a run of it down.
        $length = $beside ? $printable->size->heightMm : $printable->size->widthMm;
        $place = static fn(float $from, float $across, float $run, float $thick): Rect => $beside
            ? Rect::mm(
                $printable->right() - self::STRIP_MM + $across,
                $printable->bottom() - $from - $run,
                $thick,
                $run,
            )
            : Rect::mm($printable->xMm + $from, $printable->bottom() - self::STRIP_MM + $across, $run, $thick);

        return [
            new SheetMark(MarkKind::ThisWayUp, $place(0.0, 4.0, 8.0, 8.0)),
            new SheetMark(MarkKind::Text, $place(10.0, 3.0, 28.0, 4.0), 'this way up', $beside),
            ...$length >= self::BAR_FROM_MM + self::CHECK_BAR_MM + self::BAR_WORDS_MM
                ? [
                    new SheetMark(
                        MarkKind::CheckBar,
                        $place(self::BAR_FROM_MM, 4.0, self::CHECK_BAR_MM, 3.0),
                        '100 mm',
                        $beside,
                    ),
                ]
                : [],
            new SheetMark(MarkKind::Registration, $place(0.5, 13.5, self::DOT_MM, self::DOT_MM)),
            new SheetMark(MarkKind::Registration, $place($length - 1.5, 13.5, self::DOT_MM, self::DOT_MM)),
            new SheetMark(MarkKind::Text, $place(10.0, 9.0, $length - 12.0, 4.0), $name, $beside),
        ];
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return [
            'page_width_mm' => $this->page->widthMm,
            'page_height_mm' => $this->page->heightMm,
            'printable' => self::rect($this->printable),
            'picture' => self::rect($this->picture),
            'mirrored' => $this->mirrored,
            'marks' => $this->marks,
            'apart' => null !== $this->apart,
        ];
    }

    /** @return array{x_mm: float, y_mm: float, width_mm: float, height_mm: float} */
    private static function rect(Rect $rect): array
    {
        return [
            'x_mm' => $rect->xMm,
            'y_mm' => $rect->yMm,
            'width_mm' => $rect->size->widthMm,
            'height_mm' => $rect->size->heightMm,
        ];
    }
}
