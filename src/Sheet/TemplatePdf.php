<?php

declare(strict_types=1);

namespace Wubbin\Sheet;

use Wubbin\Core\Sheet\SheetLayout;
use Wubbin\Core\Sheet\TemplatePart;
use Wubbin\Core\Sheet\WrapTemplate;
use Wubbin\Pdf\BarePdf;

/** Draws a paper template at true size, to cut out and try round a piece. */
final readonly class TemplatePdf
{
    private const FONT = 'dejavusans';
    private const LINE_MM = 0.25;

    /** @return string the PDF */
    public function draw(WrapTemplate $template, string $name): string
    {
        $first = $template->parts[0]->page;
        $pdf = new BarePdf('P', 'mm', [$first->widthMm, $first->heightMm]);
        $pdf->setTitle($name);
        $pdf->setCreator('Wubbin');
        $pdf->setFont(self::FONT, '', 8.0);
        foreach ($template->parts as $part) {
            $this->part($pdf, $part, $name);
        }

        return $pdf->Output('', 'S');
    }

    private function part(BarePdf $pdf, TemplatePart $part, string $name): void
    {
        $page = $part->page;
        $pdf->AddPage($page->widthMm > $page->heightMm ? 'L' : 'P', [$page->widthMm, $page->heightMm]);
        $pdf->Polygon(array_merge(...$part->outline), 'D', [
            'all' => ['width' => self::LINE_MM, 'dash' => 0, 'color' => [0, 0, 0]],
        ]);
        if ([] !== $part->area) {
            $pdf->Polygon(array_merge(...$part->area), 'D', [
                'all' => ['width' => 0.15, 'dash' => '1,2', 'color' => [110, 110, 110]],
            ]);
        }
        $pdf->setLineStyle(['width' => 0.15, 'dash' => '4,1,1,1', 'color' => [110, 110, 110]]);
        foreach ($part->upright as [$from, $to]) {
            $pdf->Line($from[0], $from[1], $to[0], $to[1]);
        }
        [$from, $to] = $part->flap;
        $pdf->setLineStyle(['width' => 0.15, 'dash' => '2,1', 'color' => [0, 0, 0]]);
        $pdf->Line($from[0], $from[1], $to[0], $to[1]);
        $pdf->setLineStyle(['width' => 0.15, 'dash' => 0, 'color' => [0, 0, 0]]);
        [$left, $foot] = [6.0, $page->heightMm - 12.0];
        $pdf->Line($left, $foot, $left + SheetLayout::CHECK_BAR_MM, $foot);
        $pdf->Line($left, $foot - 1.5, $left, $foot + 1.5);
        $pdf->Line($left + SheetLayout::CHECK_BAR_MM, $foot - 1.5, $left + SheetLayout::CHECK_BAR_MM, $foot + 1.5);
        $pdf->Text($left + SheetLayout::CHECK_BAR_MM + 2.0, $foot - 1.5, '100 mm · print at 100 %');
        $pdf->Text(
            $left,
            $foot + 2.5,
            $name .
                ('' === $part->label ? '' : ' · ' . $part->label) .
                ' · rim at the top · the flap goes under the other end',
        );
    }
}
