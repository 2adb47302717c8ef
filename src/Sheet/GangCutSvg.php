<?php

declare(strict_types=1);

namespace Wubbin\Sheet;

use Wubbin\Core\Measure\Record;

/** The lines that a shared sheet is cut along, as SVG at true size for a cutter: one closed path a piece, with its name. */
final readonly class GangCutSvg
{
    /**
     * @param Record $lot   as it was laid out
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
            $piece = $pieces[$place->string('piece')];
            $path = '';
            foreach ($piece->record('lines')->each() as $loop) {
                foreach ($loop->each() as $i => $point) {
                    [$x, $y] = [$point->number('0'), $point->number('1')];
                    // On its side it was turned with the clock about its upper left corner.
                    $path .= sprintf('%s%.2F %.2F', 0 === $i ? 'M' : 'L', ...($place->boolean('turned') ? [$place->number('x_mm') + $place->number('width_mm') - $y, $place->number('y_mm') + $x] : [$place->number('x_mm') + $x, $place->number('y_mm') + $y]));
                }
                $path .= 'Z';
            }
            $paths .= sprintf('<path d="%s" fill="none" stroke="#000000" stroke-width="0.1"><title>%s</title></path>', $path, htmlspecialchars($piece->string('label'), \ENT_XML1));
        }

        return sprintf(
            '<?xml version="1.0" encoding="UTF-8"?>'."\n".'<svg xmlns="http://www.w3.org/2000/svg" width="%1$.3Fmm" height="%2$.3Fmm" viewBox="0 0 %1$.3F %2$.3F">%3$s</svg>'."\n",
            $lot->number('page_width_mm'), $lot->number('page_height_mm'), $paths,
        );
    }
}
