<?php

declare(strict_types=1);

namespace Wubbin\Pdf;

use Wubbin\Core\Measure\PaperSize;

/** A sheet of labels to cut apart: each with a code that a phone reads, and what it is of. */
final readonly class Labels
{
    private const ACROSS = 3;

    /** So high that a code and four lines have room. */
    private const HIGH_MM = 34.0;

    /** @param list<array{string, string, list<string>}> $labels address, what it is of, and lines below it */
    public static function of(string $title, array $labels, PaperSize $size): Paper
    {
        $rows = '';
        foreach (array_chunk($labels, self::ACROSS) as $beside) {
            $rows .= sprintf('<tr style="height:%.0Fmm">', self::HIGH_MM);
            for ($n = 0; $n < self::ACROSS; ++$n) {
                $rows .= '<td>' . (isset($beside[$n]) ? self::label(...$beside[$n]) : '') . '</td>';
            }
            $rows .= '</tr>';
        }

        return (new Paper($title, $size, 'labels'))->add('<table class="labels"><tbody>' . $rows . '</tbody></table>');
    }

    /** @param list<string> $lines */
    private static function label(string $address, string $name, array $lines): string
    {
        return sprintf(
            '<div class="code">%s</div><div class="of"><b>%s</b>%s</div>',
            QrSvg::of($address),
            Paper::text($name),
            implode('', array_map(static fn(string $line): string => '<p>' . Paper::text($line) . '</p>', $lines)),
        );
    }
}
