<?php

declare(strict_types=1);

namespace Wubbin\Core\Plan;

use Wubbin\Core\Sheet\CutSheet;
use Wubbin\Core\Sheet\Gang\GangPlace;
use Wubbin\Core\Sheet\MarkKind;
use Wubbin\Core\Sheet\SheetLayout;
use Wubbin\Core\Sheet\SheetMark;

/** What a machine cuts of a job's sheets: one for those that are alike. Pictures in parts are cut by hand. */
final readonly class CutSheets
{
    /** @return list<CutSheet> in the order of the job's sheets */
    public static function of(Plan $plan): array
    {
        return array_map(self::run(...), $plan->sheets()->runs);
    }

    private static function run(SheetRun $run): CutSheet
    {
        $places = $run->sheet->places;
        // What has a sheet to itself lies in its middle, with its own marks.
        $alone = 1 === count($places) ? $run->lot->pictures[$places[0]->piece]->transfer->arrangement->sheet : null;
        $page = $run->sheet->paper->page;
        if (null !== $alone) {
            return new CutSheet(
                $alone->page,
                [[$run->lot->pictures[$places[0]->piece]->transfer->label(), $alone->cutLines()]],
                self::dots($alone->marks),
            );
        }

        return new CutSheet(
            $page,
            array_map(static fn(GangPlace $place): array => self::piece($run, $place), $places),
            self::dots(SheetLayout::strip($run->lot->printable($page), false, '')),
        );
    }

    /** @return array{string, list<list<array{float, float}>>} */
    private static function piece(SheetRun $run, GangPlace $place): array
    {
        $transfer = $run->lot->pictures[$place->piece]->transfer;
        $sheet = $transfer->arrangement->sheet;

        return [
            $transfer->label(),
            array_map(
                static fn(array $loop): array => array_map(
                    static fn(array $p): array => GangPlace::lying(
                        $p[0] - ($sheet->cut->xMm ?? 0.0),
                        $p[1] - ($sheet->cut->yMm ?? 0.0),
                        $place->rect,
                        $place->quarters,
                    ),
                    $loop,
                ),
                $sheet?->cutLines() ?? [],
            ),
        ];
    }

    /**
     * @param list<SheetMark> $marks
     *
     * @return list<array{float, float}>
     */
    private static function dots(array $marks): array
    {
        $dots = [];
        foreach ($marks as $mark) {
            if (MarkKind::Registration === $mark->kind) {
                $dots[] = [
                    $mark->rect->xMm + $mark->rect->size->widthMm / 2.0,
                    $mark->rect->yMm + $mark->rect->size->heightMm / 2.0,
                ];
            }
        }

        return $dots;
    }
}
