<?php

declare(strict_types=1);

namespace Wubbin\Blank;

use Wubbin\Core\Blank\TracedEdge;

/** Draws traced outlines as SVG at true size, a unit of the drawing being a millimetre. */
final readonly class OutlineSvg
{
    private const APART_MM = 20.0;

    /** @param non-empty-array<string, TracedEdge> $edges by what each is called */
    public static function draw(string $title, array $edges): string
    {
        $parts = '';
        [$x, $high] = [0.0, 0.0];
        foreach ($edges as $label => $edge) {
            $room = $edge->box()->grown($edge->overscanMm);
            $parts .= sprintf(
                '<g transform="translate(%.3F %.3F)"><title>%s</title><path d="%s" fill="none" stroke="#000000" ' .
                    'stroke-width="0.2"/>%s</g>',
                $x - $room->xMm,
                -$room->yMm,
                htmlspecialchars($label, \ENT_XML1),
                self::path($edge->points),
                $edge->overscanMm > 0.0
                    ? sprintf(
                        '<path d="%s" fill="none" stroke="#000000" stroke-width="0.2" stroke-dasharray="3 2"/>',
                        self::path($edge->beyond()),
                    )
                    : '',
            );
            $x += $room->size->widthMm + self::APART_MM;
            $high = max($high, $room->size->heightMm);
        }

        return sprintf(
            '<?xml version="1.0" encoding="UTF-8"?>' .
                "\n" .
                '<svg xmlns="http://www.w3.org/2000/svg" width="%1$.3Fmm" height="%2$.3Fmm" viewBox="0 0 %1$.3F ' .
                '%2$.3F"><title>%3$s</title>%4$s</svg>' .
                "\n",
            $x - self::APART_MM,
            $high,
            htmlspecialchars($title, \ENT_XML1),
            $parts,
        );
    }

    /** @param list<array{float, float}> $points */
    private static function path(array $points): string
    {
        return 'M' .
            implode('L', array_map(static fn(array $p): string => sprintf('%.2F %.2F', $p[0], $p[1]), $points)) .
            'Z';
    }
}
