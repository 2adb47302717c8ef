<?php

declare(strict_types=1);

namespace Wubbin\Core\Sheet;

use Wubbin\Core\Measure\Length;
use Wubbin\Core\Measure\Polyline;
use Wubbin\Core\Measure\Rect;
use Wubbin\Core\Measure\Size;

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
     * @param Rect       $cut   the box of the line that it is cut along
     * @param list<Mark> $marks
     */
    private function __construct(
        public Size $page,
        public Rect $printable,
        public Rect $picture,
        public Rect $cut,
        public bool $mirrored,
        public array $marks,
    ) {
    }

    /**
     * Tries the sheet upright and lying, with the strip below and beside the picture; the first that fits is taken.
     *
     * @param Size                                      $paper    the sheet, upright
     * @param float                                     $marginMm what the printer leaves white on every side
     * @param string                                    $name     the job's name
     * @param bool                                      $guide    whether the trim line is drawn
     * @param list<non-empty-list<array{float, float}>> $outline  closed lines to trim along, in mm from the picture's upper left corner as it reads; its rectangle where there are none
     * @param list<array{float, float}>                 $dots     middles of holes to sight it by, in the same way
     *
     * @return self|null null where the picture with its trim margin and the strip is too large for the sheet
     */
    public static function fit(Size $picture, Size $paper, float $marginMm, Length $trim, bool $mirrored, string $name, bool $guide = true, array $outline = [], array $dots = []): ?self
    {
        $cut = [] === $outline ? Rect::at(0.0, 0.0, $picture)->grown($trim->mm) : Polyline::box(array_merge(...$outline))->around(Rect::at(0.0, 0.0, $picture));
        foreach ([$paper, $paper->turned()] as $page) {
            $printable = Rect::mm($marginMm, $marginMm, $page->widthMm - 2.0 * $marginMm, $page->heightMm - 2.0 * $marginMm);
            foreach ([false, true] as $beside) {
                $room = self::room($printable, $beside);
                if ($cut->size->fitsIn($room->size)) {
                    $before = $mirrored ? $cut->right() - $picture->widthMm : -$cut->xMm;
                    $place = Rect::at($room->xMm + ($room->size->widthMm - $cut->size->widthMm) / 2.0 + $before, $room->yMm - $cut->yMm, $picture);
                    $marks = [
                        ...($guide ? [new Mark(MarkKind::TrimLine, Rect::at($place->xMm - $before, $room->yMm, $cut->size), lines: self::onSheet($outline, $place, $mirrored))] : []),
                        ...array_map(static fn (array $dot): Mark => self::dot($dot, $place, $mirrored), $dots),
                        ...self::strip($printable, $beside, $name),
                    ];

                    return new self($page, $printable, $place, Rect::at($place->xMm - $before, $room->yMm, $cut->size), $mirrored, $marks);
                }
            }
        }

        return null;
    }

    /** @return non-empty-list<non-empty-list<array{float, float}>> closed lines to cut along, on the page: its box where none is drawn */
    public function cutLines(): array
    {
        foreach ($this->marks as $mark) {
            if (MarkKind::TrimLine === $mark->kind && [] !== $mark->lines) {
                return $mark->lines;
            }
        }

        return [$this->cut->corners()];
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
            $printable = Rect::mm($marginMm, $marginMm, $page->widthMm - 2.0 * $marginMm, $page->heightMm - 2.0 * $marginMm);
            foreach ([false, true] as $beside) {
                $room = self::room($printable, $beside)->size;
                $widest = max($widest, min($room->widthMm - 2.0 * $trim->mm, ($room->heightMm - 2.0 * $trim->mm - ($tab->mm ?? 0.0)) * $aspect));
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
        return array_map(static fn (array $loop): array => array_map(static fn (array $p): array => [
            round($mirrored ? $place->right() - $p[0] : $place->xMm + $p[0], 2),
            round($place->yMm + $p[1], 2),
        ], $loop), $outline);
    }

    /** @param array{float, float} $middle */
    private static function dot(array $middle, Rect $place, bool $mirrored): Mark
    {
        return new Mark(MarkKind::Dot, Rect::mm(($mirrored ? $place->right() - $middle[0] : $place->xMm + $middle[0]) - self::DOT_MM / 2.0, $place->yMm + $middle[1] - self::DOT_MM / 2.0, self::DOT_MM, self::DOT_MM));
    }

    /** What pictures may lie on: the strip of marks off, below or beside. */
    public static function room(Rect $printable, bool $beside = false): Rect
    {
        return Rect::mm(
            $printable->xMm,
            $printable->yMm,
            $printable->size->widthMm - ($beside ? self::STRIP_MM : 0.0),
            $printable->size->heightMm - ($beside ? 0.0 : self::STRIP_MM),
        );
    }

    /**
     * The strip's marks run along the sheet's lower edge, or up its right edge.
     *
     * @return list<Mark>
     */
    public static function strip(Rect $printable, bool $beside, string $name): array
    {
        // Along the strip: the arrow, the bar, then the name in what is left; `place` lays a run of it down.
        $length = $beside ? $printable->size->heightMm : $printable->size->widthMm;
        $place = static fn (float $from, float $across, float $run, float $thick): Rect => $beside
            ? Rect::mm($printable->right() - self::STRIP_MM + $across, $printable->bottom() - $from - $run, $thick, $run)
            : Rect::mm($printable->xMm + $from, $printable->bottom() - self::STRIP_MM + $across, $run, $thick);

        return [
            new Mark(MarkKind::ThisWayUp, $place(0.0, 4.0, 8.0, 8.0)),
            new Mark(MarkKind::Text, $place(10.0, 3.0, 28.0, 4.0), 'this way up', $beside),
            new Mark(MarkKind::CheckBar, $place(40.0, 4.0, self::CHECK_BAR_MM, 3.0), '100 mm', $beside),
            new Mark(MarkKind::Text, $place(10.0, 9.0, $length - 10.0, 4.0), $name, $beside),
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
        ];
    }

    /** @return array{x_mm: float, y_mm: float, width_mm: float, height_mm: float} */
    private static function rect(Rect $rect): array
    {
        return ['x_mm' => $rect->xMm, 'y_mm' => $rect->yMm, 'width_mm' => $rect->size->widthMm, 'height_mm' => $rect->size->heightMm];
    }
}
