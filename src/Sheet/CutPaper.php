<?php

declare(strict_types=1);

namespace Wubbin\Sheet;

use Wubbin\Core\Measure\PaperSize;
use Wubbin\Core\Sheet\CutSheet;
use Wubbin\Pdf\Paper;

/** Says how a printed sheet is laid into a cutter, and where its dots are. */
final readonly class CutPaper
{
    private const WIDE_MM = 110.0;

    public static function of(string $name, CutSheet $sheet, PaperSize $size): Paper
    {
        $paper = (new Paper($name . ' · for the cutter', $size))
            ->add('<h1>' . Paper::text($name) . '</h1>')
            ->words('How the cutter finds the lines', 'lead')
            ->add(self::drawing($sheet));
        $rows = [];
        foreach ($sheet->dots as $n => [$x, $y]) {
            $rows[] = [
                sprintf('Dot %d', $n + 1),
                sprintf('%.1F mm', $x),
                sprintf('%.1F mm', $y),
                sprintf('%.1F mm', $sheet->page->heightMm - $y),
            ];
        }
        $paper->table(['', 'From the left edge', 'From the upper edge', 'From the lower edge'], $rows, 1);
        $paper->add(
            '<ol><li>' .
                implode(
                    '</li><li>',
                    array_map(Paper::text(...), [
                        'Print the sheet at 100 %. Measure its bar: it must be 100 mm long.',
                        'Open the cut file in your cutter’s program. Its page is as large as the sheet.',
                        'Lay the printed sheet on the mat, its printed face up and its arrow pointing away from you.',
                        'Move the cutter’s pointer to dot 1, then to dot 2. Both are black and 1 mm wide.',
                        'Cut one piece first. Look how far the cut lies from the line before you cut the rest.',
                    ]),
                ) .
                '</li></ol>',
        );

        return $paper;
    }

    /** The sheet to scale, its dots with numbers. */
    private static function drawing(CutSheet $sheet): string
    {
        $scale = self::WIDE_MM / $sheet->page->widthMm;
        $parts = sprintf(
            '<rect width="%1$.2F" height="%2$.2F" fill="#fff" stroke="#111" stroke-width="0.5"/>',
            $sheet->page->widthMm,
            $sheet->page->heightMm,
        );
        foreach ($sheet->pieces as [, $loops]) {
            foreach ($loops as $loop) {
                $parts .= sprintf(
                    '<path d="M%sZ" fill="none" stroke="#111" stroke-width="0.6" stroke-dasharray="3 2"/>',
                    implode('L', array_map(static fn(array $p): string => sprintf('%.2F %.2F', ...$p), $loop)),
                );
            }
        }
        foreach ($sheet->dots as $n => [$x, $y]) {
            $parts .= sprintf(
                '<circle cx="%.2F" cy="%.2F" r="1.6"/><text x="%.2F" y="%.2F" font-size="9">%d</text>',
                $x,
                $y,
                $x + ($x > $sheet->page->widthMm / 2.0 ? -9.0 : 4.0),
                $y + 3.0,
                $n + 1,
            );
        }

        return sprintf(
            '<svg xmlns="http://www.w3.org/2000/svg" width="%.2Fmm" height="%.2Fmm" viewBox="-1 -1 %.2F %.2F">%s</svg>',
            self::WIDE_MM,
            $sheet->page->heightMm * $scale,
            $sheet->page->widthMm + 2.0,
            $sheet->page->heightMm + 2.0,
            $parts,
        );
    }
}
