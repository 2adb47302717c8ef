<?php

declare(strict_types=1);

namespace Wubbin\Core\Sheet;

use Wubbin\Core\Measure\Size;

/**
 * The lines that one sheet is cut along by a machine, and the dots that it finds the sheet by. Lengths are in mm on the
 * page as it was printed, from its upper left corner, y downwards.
 */
final readonly class CutSheet
{
    /**
     * @param list<array{string, list<list<array{float, float}>>}> $pieces name and closed lines of each
     * @param list<array{float, float}> $dots middles of the registration dots, which are printed 1 mm wide
     */
    public function __construct(public Size $page, public array $pieces, public array $dots) {}

    /** @return array{string, string} what a cutter's program opens, and its type */
    public function file(string $format): array
    {
        return 'dxf' === $format ? [$this->dxf(), 'application/dxf'] : [$this->svg(), 'image/svg+xml'];
    }

    /** SVG at true size: one closed path a piece, with its name. */
    public function svg(): string
    {
        $parts = '';
        foreach ($this->pieces as [$name, $loops]) {
            $path = '';
            foreach ($loops as $loop) {
                foreach ($loop as $i => [$x, $y]) {
                    $path .= sprintf('%s%.2F %.2F', 0 === $i ? 'M' : 'L', $x, $y);
                }
                $path .= 'Z';
            }
            $parts .= sprintf(
                '<path d="%s" fill="none" stroke="#000000" stroke-width="0.1"><title>%s</title></path>',
                $path,
                htmlspecialchars($name, \ENT_XML1),
            );
        }
        foreach ($this->dots as [$x, $y]) {
            $parts .= sprintf('<circle cx="%.2F" cy="%.2F" r="0.5"><title>registration dot</title></circle>', $x, $y);
        }

        return sprintf(
            '<?xml version="1.0" encoding="UTF-8"?>' .
                "\n" .
                '<svg xmlns="http://www.w3.org/2000/svg" width="%1$.3Fmm" height="%2$.3Fmm" viewBox="0 0 %1$.3F ' .
                '%2$.3F">%3$s</svg>' .
                "\n",
            $this->page->widthMm,
            $this->page->heightMm,
            $parts,
        );
    }

    /**
     * DXF of release 12, in mm: closed polylines on the layer CUT, dots as circles on the layer MARKS. y runs upwards
     * there, from the page's lower edge. Source: DXF Reference, group codes of POLYLINE, VERTEX and CIRCLE.
     */
    public function dxf(): string
    {
        $lines = [
            ...self::pairs([0, 'SECTION'], [2, 'HEADER'], [9, '$ACADVER'], [1, 'AC1009'], [9, '$INSUNITS'], [70, '4']),
            ...self::pairs([0, 'ENDSEC'], [0, 'SECTION'], [2, 'ENTITIES']),
        ];
        foreach ($this->pieces as [, $loops]) {
            foreach ($loops as $loop) {
                array_push($lines, ...self::pairs([0, 'POLYLINE'], [8, 'CUT'], [66, '1'], [70, '1']));
                foreach ($loop as [$x, $y]) {
                    array_push(
                        $lines,
                        ...self::pairs([0, 'VERTEX'], [8, 'CUT'], [10, self::number($x)], [20, $this->upwards($y)]),
                    );
                }
                array_push($lines, ...self::pairs([0, 'SEQEND'], [8, 'CUT']));
            }
        }
        foreach ($this->dots as [$x, $y]) {
            array_push(
                $lines,
                ...self::pairs(
                    [0, 'CIRCLE'],
                    [8, 'MARKS'],
                    [10, self::number($x)],
                    [20, $this->upwards($y)],
                    [40, '0.5'],
                ),
            );
        }

        return implode("\n", [...$lines, ...self::pairs([0, 'ENDSEC'], [0, 'EOF'])]) . "\n";
    }

    private function upwards(float $y): string
    {
        return self::number($this->page->heightMm - $y);
    }

    private static function number(float $mm): string
    {
        return sprintf('%.3F', $mm);
    }

    /**
     * @param array{int, string} ...$pairs group code and value
     *
     * @return list<string>
     */
    private static function pairs(array ...$pairs): array
    {
        $lines = [];
        foreach ($pairs as [$code, $value]) {
            array_push($lines, (string) $code, $value);
        }

        return $lines;
    }
}
