<?php

declare(strict_types=1);

namespace Wubbin\Sheet;

use Wubbin\Core\Measure\Record;
use Wubbin\Core\Measure\Rect;
use Wubbin\Core\Sheet\MarkKind;
use Wubbin\Core\Sheet\SheetLayout;

/**
 * The lines that a shared sheet is cut along, as SVG at true size for a cutter: one closed path a piece, with its name,
 * and the dots that the cutter finds the sheet by.
 */
final readonly class GangCutSvg
{
    /**
     * @param Record $lot as it was laid out
     * @param Record $sheet one of its sheets
     */
    public static function draw(Record $lot, Record $sheet): string
    {
        $pieces = [];
        foreach ($lot->records('pieces') as $piece) {
            $pieces[$piece->string('id')] = $piece;
        }
        $paths = '';
        foreach ($sheet->records('places') as $place) {
            [$piece, $lines] = isset($pieces[$place->string('piece')])
                ? [$pieces[$place->string('piece')]->string('label'), self::lines($pieces[$place->string('piece')])]
                : [
                    'test swatch',
                    [
                        [
                            [0.0, 0.0],
                            [$place->number('width_mm'), 0.0],
                            [$place->number('width_mm'), $place->number('height_mm')],
                            [0.0, $place->number('height_mm')],
                        ],
                    ],
                ];
            $path = '';
            foreach ($lines as $loop) {
                foreach ($loop as $i => [$x, $y]) {
                    $path .= sprintf('%s%.2F %.2F', 0 === $i ? 'M' : 'L', ...self::onSheet($x, $y, $place));
                }
                $path .= 'Z';
            }
            $paths .= sprintf(
                '<path d="%s" fill="none" stroke="#000000" stroke-width="0.1"><title>%s</title></path>',
                $path,
                htmlspecialchars($piece, \ENT_XML1),
            );
        }
        $paths .= self::dots($lot, $sheet);

        return sprintf(
            '<?xml version="1.0" encoding="UTF-8"?>' .
                "\n" .
                '<svg xmlns="http://www.w3.org/2000/svg" width="%1$.3Fmm" height="%2$.3Fmm" viewBox="0 0 %1$.3F ' .
                '%2$.3F">%3$s</svg>' .
                "\n",
            $sheet->number('page_width_mm'),
            $sheet->number('page_height_mm'),
            $paths,
        );
    }

    /** What a cutter finds the sheet by. */
    private static function dots(Record $lot, Record $sheet): string
    {
        $dots = '';
        $margin = $lot->number('printable_margin_mm');
        $printable = Rect::mm(
            $margin,
            $margin,
            $sheet->number('page_width_mm') - 2.0 * $margin,
            $sheet->number('page_height_mm') - 2.0 * $margin,
        );
        foreach (SheetLayout::strip($printable, false, '') as $mark) {
            if (MarkKind::Registration === $mark->kind) {
                $dots .= sprintf(
                    '<circle cx="%.2F" cy="%.2F" r="0.5"><title>registration dot</title></circle>',
                    $mark->rect->xMm + 0.5,
                    $mark->rect->yMm + 0.5,
                );
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

    /**
     * A point of a piece where it lies, turned by its quarters with the clock.
     *
     * @return array{float, float}
     */
    private static function onSheet(float $x, float $y, Record $place): array
    {
        [$left, $top, $wide, $high] = [
            $place->number('x_mm'),
            $place->number('y_mm'),
            $place->number('width_mm'),
            $place->number('height_mm'),
        ];

        return match ($place->integer('quarters')) {
            1 => [$left + $wide - $y, $top + $x],
            2 => [$left + $wide - $x, $top + $high - $y],
            3 => [$left + $y, $top + $high - $x],
            default => [$left + $x, $top + $y],
        };
    }
}
