<?php

declare(strict_types=1);

namespace Wubbin\Ladder;

use Wubbin\Core\Log\Ladder;
use Wubbin\Core\Measure\Rect;
use Wubbin\Core\Measure\Size;
use Wubbin\Core\Sheet\MarkKind;
use Wubbin\Core\Sheet\SheetMark;
use Wubbin\Pdf\BarePdf;
use Wubbin\Pdf\Pen;

/**
 * The swatches of a test ladder on a sheet, each with its name and its setting below it, which go onto the cloth with
 * it.
 */
final readonly class LadderPdf
{
    private const LINE_MM = 4.0;

    public function __construct(private Pen $pen) {}

    /** @return string the PDF */
    public function draw(Ladder $ladder, Size $page, float $marginMm, bool $mirrored, string $title): string
    {
        $pdf = new BarePdf('P', 'mm', [$page->widthMm, $page->heightMm]);
        $pdf->setTitle('Test ladder · ' . $title);
        $pdf->setCreator('Wubbin');
        // Mirrored as a whole, so that the names read right where they come out.
        $this->pen->begin($pdf, $page, $mirrored);
        $places = $ladder->places($page, $marginMm);
        foreach ($ladder->order() as ['name' => $name, 'x' => $x, 'y' => $y]) {
            $rect = $places[$name];
            $this->pen->swatch($pdf, $rect);
            $line = static fn(int $n, string $text): SheetMark => new SheetMark(
                MarkKind::Text,
                Rect::mm($rect->xMm, $rect->bottom() + 0.5 + $n * self::LINE_MM, $rect->size->widthMm, self::LINE_MM),
                $text,
            );
            $this->pen->marks($pdf, [$line(0, $name . '  ' . $ladder->x->label($x)), $line(1, $ladder->y->label($y))]);
        }
        $this->pen->end($pdf);

        return $pdf->Output('', 'S');
    }
}
