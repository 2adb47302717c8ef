<?php

declare(strict_types=1);

namespace Wubbin\Plan;

use Wubbin\Core\Measure\PaperSize;
use Wubbin\Core\Measure\Quantity;
use Wubbin\Core\Measure\UnitFormat;
use Wubbin\Core\Plan\Plan;
use Wubbin\Core\Plan\Severity;
use Wubbin\Core\Plan\Step;
use Wubbin\Core\Plan\TransferPlan;
use Wubbin\Core\Route\Face;
use Wubbin\Pdf\BarePdf;

/**
 * A job on paper, for those who want no screen near the press: ticket, what lies on what, the driver, and every step to
 * tick off.
 */
final readonly class BenchCardPdf
{
    private const FONT = 'dejavusans';
    private const MARGIN_MM = 14.0;
    private const LINE_MM = 5.0;

    /** Columns of the ticket: what, then its value. */
    private const WHAT_MM = 38.0;

    /** How high a layer of the stack is drawn: not to scale, its thickness is written. */
    private const LAYER_MM = 6.0;

    /** @return string the PDF */
    public function draw(Plan $plan, UnitFormat $format, PaperSize $paper): string
    {
        $page = $paper->size();
        $pdf = new BarePdf('P', 'mm', [$page->widthMm, $page->heightMm]);
        $pdf->setTitle($plan->jobName . ' · bench card');
        $pdf->setCreator('Wubbin');
        $pdf->setMargins(self::MARGIN_MM, self::MARGIN_MM, self::MARGIN_MM);
        $pdf->setAutoPageBreak(true, self::MARGIN_MM);
        $pdf->AddPage();
        $this->line($pdf, $plan->jobName, 16.0, 'B', 8.0);
        $this->line($pdf, sprintf('%d × %s · plan %s', $plan->quantity, $plan->piece, $plan->id()), 10.0);
        foreach ($plan->transfers as $transfer) {
            if (count($plan->transfers) > 1) {
                $this->line($pdf, $transfer->name, 13.0, 'B', 8.0);
            }
            $this->transfer($pdf, $transfer, $format);
        }
        $this->heading($pdf, 'Steps');
        foreach ($plan->steps() as $step) {
            $this->step($pdf, $step, $format);
        }

        return $pdf->Output('', 'S');
    }

    private function transfer(BarePdf $pdf, TransferPlan $plan, UnitFormat $format): void
    {
        $this->heading($pdf, 'Ticket');
        foreach ($plan->decisions as $decision) {
            $this->pair($pdf, $decision->what, $format->phrase($decision->value));
        }
        foreach ($plan->checks as $check) {
            if (
                in_array(
                    $check->severity,
                    [Severity::Warn, Severity::Stop, Severity::Missing, Severity::Impossible],
                    true,
                )
            ) {
                $this->pair(
                    $pdf,
                    '! ' . ucfirst($check->severity->value),
                    $format->phrase($check->message) .
                        (null === $check->overriddenBecause ? '' : ' Set aside: ' . $check->overriddenBecause),
                );
            }
        }
        $this->heading($pdf, 'Layers, from top to bottom');
        $this->stack($pdf, $plan, $format);
        if (null !== $plan->arrangement->loading) {
            $this->heading($pdf, 'Printing');
            $this->pair($pdf, 'Put it in the printer', $plan->arrangement->loading->inWords());
            foreach ($plan->driver()->lines ?? [] as $line) {
                $this->pair($pdf, $line['label'], $line['value']);
            }
        }
        foreach ($plan->cautions as $caution) {
            $this->pair($pdf, 'Caution', $caution);
        }
    }

    /** From the heat down; the printed face is the thick edge, on the side that it looks to. */
    private function stack(BarePdf $pdf, TransferPlan $plan, UnitFormat $format): void
    {
        $layers = $plan->arrangement->stack->layers;
        if ($pdf->GetY() + count($layers) * self::LAYER_MM > $pdf->getPageHeight() - self::MARGIN_MM) {
            $pdf->AddPage();
        }
        foreach ($layers as $layer) {
            $y = $pdf->GetY();
            $pdf->setLineStyle(['width' => 0.2, 'dash' => 0, 'color' => [0, 0, 0]]);
            $pdf->Rect(self::MARGIN_MM, $y, 55.0, self::LAYER_MM);
            if (null !== $layer->printedFace) {
                $edge = Face::Up === $layer->printedFace ? $y : $y + self::LAYER_MM;
                $pdf->setLineStyle(['width' => 1.0, 'dash' => 0, 'color' => [0, 0, 0]]);
                $pdf->Line(self::MARGIN_MM, $edge, self::MARGIN_MM + 55.0, $edge);
            }
            $words =
                ucfirst($layer->label ?? 'nothing chosen') .
                ($layer->thicknessMm > 0.0 ? ', ' . $format->quantity(Quantity::length($layer->thicknessMm)) : '') .
                (null === $layer->beside ? '' : ' · ' . $format->phrase($layer->beside)) .
                (null === $layer->printedFace ? '' : ' · printed face ' . $layer->printedFace->value);
            $pdf->setFont(self::FONT, '', 8.5);
            $pdf->Text(self::MARGIN_MM + 58.0, $y + 1.0, $words);
            $pdf->setXY(self::MARGIN_MM, $y + self::LAYER_MM);
        }
        $pdf->Ln(2.0);
    }

    private function step(BarePdf $pdf, Step $step, UnitFormat $format): void
    {
        $time = $step->time->timed ? ' — ' . $format->quantity(Quantity::duration($step->duration)) : '';
        $text = $format->phrase($step->title) . $time;
        $pdf->setFont(self::FONT, 'B', 9.0);
        $width = $pdf->getPageWidth() - 2.0 * self::MARGIN_MM - 8.0;
        if ($pdf->GetY() + 3.0 * self::LINE_MM > $pdf->getPageHeight() - self::MARGIN_MM) {
            $pdf->AddPage();
        }
        $pdf->setLineStyle(['width' => 0.25, 'dash' => 0, 'color' => [0, 0, 0]]);
        $pdf->Rect(self::MARGIN_MM, $pdf->GetY() + 0.7, 3.6, 3.6);
        $pdf->setX(self::MARGIN_MM + 8.0);
        $pdf->MultiCell($width, self::LINE_MM, $text, 0, 'L', false, 1);
        $pdf->setFont(self::FONT, '', 8.5);
        foreach (
            [
                $format->phrase($step->cue),
                ...array_map(static fn(string $caution): string => '! ' . $caution, $step->cautions),
            ]
            as $words
        ) {
            if ('' !== $words) {
                $pdf->setX(self::MARGIN_MM + 8.0);
                $pdf->MultiCell($width, self::LINE_MM - 0.6, $words, 0, 'L', false, 1);
            }
        }
        $pdf->Ln(1.2);
    }

    private function heading(BarePdf $pdf, string $text): void
    {
        $pdf->Ln(2.0);
        $this->line($pdf, $text, 11.0, 'B', 6.5);
        $pdf->setLineStyle(['width' => 0.3, 'dash' => 0, 'color' => [0, 0, 0]]);
        $pdf->Line(self::MARGIN_MM, $pdf->GetY(), $pdf->getPageWidth() - self::MARGIN_MM, $pdf->GetY());
        $pdf->Ln(1.2);
    }

    private function pair(BarePdf $pdf, string $what, string $value): void
    {
        $pdf->setFont(self::FONT, '', 8.5);
        $width = $pdf->getPageWidth() - 2.0 * self::MARGIN_MM - self::WHAT_MM;
        $high = max(self::LINE_MM, $pdf->getStringHeight($width, $value));
        if ($pdf->GetY() + $high > $pdf->getPageHeight() - self::MARGIN_MM) {
            $pdf->AddPage();
        }
        $pdf->MultiCell(self::WHAT_MM, $high, $what, 0, 'L', false, 0);
        $pdf->MultiCell($width, $high, $value, 0, 'L', false, 1);
    }

    private function line(
        BarePdf $pdf,
        string $text,
        float $points,
        string $style = '',
        float $high = self::LINE_MM,
    ): void {
        $pdf->setFont(self::FONT, $style, $points);
        $pdf->MultiCell(0.0, $high, $text, 0, 'L', false, 1);
    }
}
