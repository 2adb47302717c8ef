<?php

declare(strict_types=1);

namespace Wubbin\Day;

use Wubbin\Core\Day\Block;
use Wubbin\Core\Day\LaneKind;
use Wubbin\Core\Day\Timetable;
use Wubbin\Core\Measure\PaperSize;
use Wubbin\Pdf\Paper;
use Wubbin\Shelf\WorkHours;

/** What hands do when, day by day and person by person, on paper with boxes to tick. */
final readonly class DaySheet
{
    /**
     * @param array<string, string> $names of jobs by id
     * @param string $only a day, as YYYY-MM-DD; all that are planned where nothing is said
     */
    public static function of(
        Timetable $table,
        array $names,
        WorkHours $hours,
        \DateTimeZone $zone,
        PaperSize $size,
        string $only = '',
    ): Paper {
        $paper = new Paper('Day plan', $size);
        self::write($paper, $table, $names, $hours, $zone, $only);

        return $paper;
    }

    /** @param array<string, string> $names of jobs by id */
    private static function write(
        Paper $paper,
        Timetable $table,
        array $names,
        WorkHours $hours,
        \DateTimeZone $zone,
        string $only,
    ): void {
        $at = static fn(int $t): \DateTimeImmutable => (new \DateTimeImmutable('@' . $t))->setTimezone($zone);
        $days = $heads = [];
        foreach (Block::all($table) as $block) {
            $other = '' !== $only && $at($block->start)->format('Y-m-d') !== $only;
            if (LaneKind::Hands->key() === $block->kind && !$other) {
                $key = $at($block->start)->format('Y-m-d') . sprintf(' %03d', $block->lane);
                $heads[$key] =
                    $at($block->start)->format('l j F') .
                    ($table->day->workshop->hands > 1 ? ', ' . $hours->person($block->lane) : '');
                $days[$key][] = [
                    $at($block->start)->format('H:i') . ' to ' . $at($block->end)->format('H:i'),
                    $names[$block->group] ?? $block->group,
                    implode(', ', $block->labels),
                ];
            }
        }
        ksort($days);
        $paper->add('<h1>Day plan</h1>')->words([] === $days ? 'Nothing is planned for hands.' : '');
        foreach ($days as $key => $rows) {
            $paper->heading($heads[$key])->table([], $rows, 3, true);
        }
    }
}
