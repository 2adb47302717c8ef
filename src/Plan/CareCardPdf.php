<?php

declare(strict_types=1);

namespace Wubbin\Plan;

use Wubbin\Core\Measure\PaperSize;
use Wubbin\Core\Measure\UnitFormat;
use Wubbin\Core\Plan\Plan;
use Wubbin\Core\Plan\TransferPlan;
use Wubbin\Pdf\BarePdf;

/**
 * How a finished piece is looked after, on a card for whoever gets it: a quarter of a sheet, A6 on A4, four alike to be
 * cut apart.
 */
final readonly class CareCardPdf
{
    private const FONT = 'dejavusans';
    private const MARGIN_MM = 9.0;
    private const LINE_MM = 6.4;

    /** @return string the PDF */
    public function draw(Plan $plan, UnitFormat $format, PaperSize $paper): string
    {
        $page = $paper->size();
        [$across, $down] = [$page->widthMm / 2.0, $page->heightMm / 2.0];
        $pdf = new BarePdf('P', 'mm', [$page->widthMm, $page->heightMm]);
        $pdf->setTitle($plan->jobName . ' · care cards');
        $pdf->setCreator('Wubbin');
        $pdf->setMargins(0.0, 0.0, 0.0);
        $pdf->setAutoPageBreak(false);
        $pdf->AddPage();
        $pdf->setLineStyle(['width' => 0.15, 'dash' => '2,2', 'color' => [140, 140, 140]]);
        $pdf->Line($across, 0.0, $across, $page->heightMm);
        $pdf->Line(0.0, $down, $page->widthMm, $down);
        $lines = self::lines($plan, $format);
        foreach ([[0.0, 0.0], [$across, 0.0], [0.0, $down], [$across, $down]] as [$x, $y]) {
            $this->card($pdf, $plan->jobName, $lines, $x + self::MARGIN_MM, $y + self::MARGIN_MM, $across);
        }

        return $pdf->Output('', 'S');
    }

    /** @return list<string> of all pictures on the piece, each once */
    public static function lines(Plan $plan, UnitFormat $format): array
    {
        $lines = array_map(
            static fn(TransferPlan $one): array => array_map($format->phrase(...), $one->aftercare()),
            $plan->transfers,
        );

        return array_values(array_unique(array_merge(...$lines)));
    }

    /** @param list<string> $lines */
    private function card(BarePdf $pdf, string $name, array $lines, float $x, float $y, float $across): void
    {
        $width = $across - 2.0 * self::MARGIN_MM;
        $pdf->setFont(self::FONT, 'B', 16.0);
        $pdf->MultiCell($width, 8.5, $name, 0, 'L', false, 1, $x, $y);
        $pdf->setFont(self::FONT, '', 11.0);
        $pdf->MultiCell($width, self::LINE_MM, 'So that the picture lasts:', 0, 'L', false, 1, $x, $pdf->GetY() + 2.0);
        $pdf->setFont(self::FONT, '', 12.5);
        foreach ($lines as $line) {
            $top = $pdf->GetY() + 1.5;
            $pdf->MultiCell(4.0, self::LINE_MM, '–', 0, 'L', false, 0, $x, $top);
            $pdf->MultiCell($width - 4.0, self::LINE_MM, $line, 0, 'L', false, 1, $x + 4.0, $top);
        }
        $pdf->setFont(self::FONT, '', 10.0);
        $pdf->MultiCell(
            $width,
            self::LINE_MM,
            'Tell us how it lasts: we write it down and learn from it.',
            0,
            'L',
            false,
            1,
            $x,
            $pdf->GetY() + 4.0,
        );
    }
}
