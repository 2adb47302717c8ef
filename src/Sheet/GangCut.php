<?php

declare(strict_types=1);

namespace Wubbin\Sheet;

use Wubbin\Core\Measure\Record;
use Wubbin\Core\Measure\Rect;
use Wubbin\Core\Measure\Size;
use Wubbin\Core\Sheet\CutSheet;
use Wubbin\Core\Sheet\Gang\GangPlace;
use Wubbin\Core\Sheet\MarkKind;
use Wubbin\Core\Sheet\SheetLayout;

/** The lines that a shared sheet is cut along, and the dots that a cutter finds it by. */
final readonly class GangCut
{
    /**
     * @param Record $lot as it was laid out
     * @param Record $sheet one of its sheets
     */
    public static function of(Record $lot, Record $sheet): CutSheet
    {
        $pieces = [];
        foreach ($lot->records('pieces') as $piece) {
            $pieces[$piece->string('id')] = $piece;
        }
        $cut = [];
        foreach ($sheet->records('places') as $place) {
            $piece = $pieces[$place->string('piece')] ?? null;
            $box = Rect::mm(
                $place->number('x_mm'),
                $place->number('y_mm'),
                $place->number('width_mm'),
                $place->number('height_mm'),
            );
            $swatch = Rect::mm(0.0, 0.0, $place->number('width_mm'), $place->number('height_mm'));
            $cut[] = [
                $piece?->string('label') ?? 'test swatch',
                array_map(
                    static fn(array $loop): array => array_map(
                        static fn(array $p): array => GangPlace::lying($p[0], $p[1], $box, $place->integer('quarters')),
                        $loop,
                    ),
                    null === $piece ? [$swatch->corners()] : self::lines($piece),
                ),
            ];
        }

        return new CutSheet(
            Size::mm($sheet->number('page_width_mm'), $sheet->number('page_height_mm')),
            $cut,
            self::dots($lot, $sheet),
        );
    }

    /** @return list<array{float, float}> what a cutter finds the sheet by */
    private static function dots(Record $lot, Record $sheet): array
    {
        $dots = [];
        $margin = $lot->number('printable_margin_mm');
        $printable = Rect::mm(
            $margin,
            $margin,
            $sheet->number('page_width_mm') - 2.0 * $margin,
            $sheet->number('page_height_mm') - 2.0 * $margin,
        );
        foreach (SheetLayout::strip($printable, false, '') as $mark) {
            if (MarkKind::Registration === $mark->kind) {
                $dots[] = [$mark->rect->xMm + 0.5, $mark->rect->yMm + 0.5];
            }
        }

        return $dots;
    }

    /** @return list<list<array{float, float}>> */
    private static function lines(Record $piece): array
    {
        return array_map(
            static fn(Record $loop): array => array_map(
                static fn(Record $p): array => [$p->number('0'), $p->number('1')],
                $loop->each(),
            ),
            $piece->record('lines')->each(),
        );
    }
}
