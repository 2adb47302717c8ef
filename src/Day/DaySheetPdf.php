<?php

declare(strict_types=1);

namespace Wubbin\Day;

use Wubbin\Core\Day\Block;
use Wubbin\Core\Day\LaneKind;
use Wubbin\Core\Day\Timetable;
use Wubbin\Pdf\TextPdf;

/** What hands do when, day by day, on paper with boxes to tick. */
final readonly class DaySheetPdf
{
    private const WIDTHS = [30.0, 70.0, 60.0, 10.0];

    /** @param array<string, string> $names of jobs by id */
    public static function draw(Timetable $table, array $names, \DateTimeZone $zone): string
    {
        $pdf = new TextPdf('Day plan');
        $pdf->title('Day plan');
        $day = '';
        foreach (Block::all($table) as $block) {
            if (LaneKind::Hands->key() !== $block->kind) {
                continue;
            }
            $start = (new \DateTimeImmutable('@' . $block->start))->setTimezone($zone);
            $end = (new \DateTimeImmutable('@' . $block->end))->setTimezone($zone);
            $of = $start->format('l j F') . ($table->day->workshop->hands > 1 ? ', hands ' . ($block->lane + 1) : '');
            if ($of !== $day) {
                $pdf->words('', 4.0);
                $pdf->heading($of);
                $day = $of;
            }
            $pdf->row(
                [
                    $start->format('H:i') . ' to ' . $end->format('H:i'),
                    $names[$block->group] ?? $block->group,
                    implode(', ', $block->labels),
                    '☐',
                ],
                self::WIDTHS,
                false,
                'L',
            );
        }

        return $pdf->Output('', 'S');
    }
}
