<?php

declare(strict_types=1);

namespace Wubbin\Sheet;

use Wubbin\Core\Measure\PaperSize;
use Wubbin\Core\Route\Marking;
use Wubbin\Core\Route\Tray;
use Wubbin\Core\Sheet\FeedTest;
use Wubbin\Pdf\BarePdf;
use Wubbin\Pdf\Pen;

/** The page that shows how a tray feeds. */
final readonly class FeedTestPdf
{
    public function __construct(private Pen $pen) {}

    /** @return string the PDF */
    public function draw(PaperSize $paper, Marking $marking, Tray $tray): string
    {
        $page = $paper->size();
        $pdf = new BarePdf('P', 'mm', [$page->widthMm, $page->heightMm]);
        $pdf->setTitle('Feed test · ' . $marking->label . ' · ' . $tray->label);
        $pdf->setCreator('Wubbin');
        $this->pen->begin($pdf, $page, false);
        $this->pen->marks($pdf, FeedTest::marks($page, $marking->marginMm, $marking->label . ' · ' . $tray->label));
        $this->pen->end($pdf);

        return $pdf->Output('', 'S');
    }
}
