<?php

declare(strict_types=1);

namespace Wubbin\Pdf;

/** A4 pages of plain lines and rows, for what is read and not cut out. */
final class TextPdf extends \TCPDF
{
    private const FONT = 'dejavusans';
    private const MARGIN_MM = 20.0;
    private const LINE_MM = 6.0;
    private const POINTS = 10.0;

    public function __construct(string $title)
    {
        parent::__construct('P', 'mm', 'A4');
        $this->setCreator('Wubbin');
        $this->setTitle($title);
        $this->tcpdflink = false;
        $this->setPrintHeader(false);
        $this->setPrintFooter(false);
        $this->setMargins(self::MARGIN_MM, self::MARGIN_MM, self::MARGIN_MM);
        $this->setAutoPageBreak(true, self::MARGIN_MM);
        $this->setFont(self::FONT, '', self::POINTS);
        $this->AddPage();
    }

    public function title(string $text): void
    {
        $this->setFont(self::FONT, 'B', 2.0 * self::POINTS);
        $this->MultiCell(0.0, 2.0 * self::LINE_MM, $text, 0, 'L');
        $this->setFont(self::FONT, '', self::POINTS);
    }

    public function heading(string $text): void
    {
        $this->setFont(self::FONT, 'B', self::POINTS);
        $this->MultiCell(0.0, self::LINE_MM, $text, 'B', 'L');
        $this->setFont(self::FONT, '', self::POINTS);
    }

    public function words(string $text, float $heightMm = self::LINE_MM): void
    {
        $this->MultiCell(0.0, $heightMm, $text, 0, 'L');
    }

    /**
     * Cells beside each other over a thin rule, the first to the left and the others to the right; long ones are
     * broken.
     *
     * @param list<string> $cells
     * @param list<float> $widths in mm
     * @param 'L'|'R' $align of all but the first
     */
    public function row(array $cells, array $widths, bool $bold = false, string $align = 'R'): void
    {
        $this->setFont(self::FONT, $bold ? 'B' : '', self::POINTS);
        $lines = max(
            1,
            ...array_map(
                fn(string $cell, float $width): int => (int) $this->getNumLines($cell, $width),
                $cells,
                $widths,
            ),
        );
        $height = self::LINE_MM * $lines;
        $this->checkPageBreak($height);
        foreach ($cells as $n => $cell) {
            $this->MultiCell(
                $widths[$n],
                $height,
                $cell,
                'B',
                0 === $n ? 'L' : $align,
                false,
                count($cells) - 1 === $n ? 1 : 0,
            );
        }
        $this->setFont(self::FONT, '', self::POINTS);
    }
}
