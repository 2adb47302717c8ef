<?php

declare(strict_types=1);

namespace Wubbin\Sheet;

use Wubbin\Artwork\Artwork;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Plan\GangLot;
use Wubbin\Core\Plan\GangPicture;
use Wubbin\Core\Sheet\SheetLayout;
use Wubbin\Task\Progress;

/** Draws sheets that several jobs share: each piece as on a sheet of its own, moved to its place and turned where it lies on its side. */
final readonly class GangPdf
{
    private const FONT = 'dejavusans';
    private const TRIM = ['width' => 0.15, 'dash' => '2,2', 'color' => [110, 110, 110]];

    /** The name of a piece, in the gap below it: small enough to fit there. */
    private const NAME_PT = 4.5;

    public function __construct(private SheetPdf $sheets)
    {
    }

    /**
     * @param list<GangLot>          $lots
     * @param list<Record>           $layouts  as they were laid out, by the lots' ids
     * @param array<string, Artwork> $artworks by SHA-256
     *
     * @return string the PDF
     */
    public function draw(array $lots, array $layouts, array $artworks, string $title, Progress $progress): string
    {
        $byId = array_column(array_map(static fn (GangLot $lot): array => [$lot->id, $lot], $lots), 1, 0);
        $pdf = new BarePdf('P', 'mm', [210.0, 297.0]);
        $pdf->setTitle($title);
        $pdf->setCreator('Wubbin');
        $all = array_sum(array_map(static fn (Record $layout): int => count($layout->records('sheets')), $layouts));
        $page = 0;
        foreach ($layouts as $layout) {
            $lot = $byId[$layout->string('id')];
            foreach ($layout->records('sheets') as $sheet) {
                $progress->at(0.05 + 0.9 * $page / max(1, $all), sprintf('Drawing sheet %d of %d', ++$page, $all));
                $this->page($pdf, $lot, $sheet, $artworks, sprintf('sheet %d of %d', $page, $all));
            }
        }

        return $pdf->Output('', 'S');
    }

    /** @param array<string, Artwork> $artworks */
    private function page(BarePdf $pdf, GangLot $lot, Record $sheet, array $artworks, string $foot): void
    {
        $size = $lot->page();
        $pdf->AddPage($size->widthMm > $size->heightMm ? 'L' : 'P', [$size->widthMm, $size->heightMm]);
        foreach ($sheet->records('places') as $place) {
            $this->piece($pdf, $lot->pictures[$place->string('piece')], $place, $artworks);
        }
        $this->sheets->marks($pdf, SheetLayout::strip($lot->printable(), false, $foot.' · '.implode(', ', self::namesOn($lot, $sheet))));
    }

    /** @return list<string> what is on a sheet, each once */
    private static function namesOn(GangLot $lot, Record $sheet): array
    {
        return array_values(array_unique(array_map(static function (Record $place) use ($lot): string {
            $picture = $lot->pictures[$place->string('piece')];

            return $picture->transfer->label.' (plan '.$picture->planId.')';
        }, $sheet->records('places'))));
    }

    /** @param array<string, Artwork> $artworks */
    private function piece(BarePdf $pdf, GangPicture $picture, Record $place, array $artworks): void
    {
        $transfer = $picture->transfer;
        $sheet = $transfer->sheet ?? throw new \LogicException('What is ganged has a sheet of its own.');
        [$x, $y, $wide] = [$place->number('x_mm'), $place->number('y_mm'), $place->number('width_mm')];
        $pdf->StartTransform();
        if ($place->boolean('turned')) {
            // A quarter with the clock about its corner, and back to the right by its width.
            $pdf->move($wide, 0.0);
            $pdf->Rotate(-90.0, $x, $y);
        }
        $pdf->move($x - $sheet->cut->xMm, $y - $sheet->cut->yMm);
        $artwork = $artworks[$transfer->artwork ?? ''] ?? null;
        if (null === $artwork) {
            $this->sheets->template($pdf, $sheet);
        } else {
            $this->sheets->picture($pdf, $sheet, $artwork, $transfer->bend);
        }
        foreach ($sheet->cutLines() as $loop) {
            $pdf->Polygon(array_merge(...$loop), 'D', ['all' => self::TRIM]);
        }
        $pdf->setFont(self::FONT, '', self::NAME_PT);
        $pdf->Text($sheet->cut->xMm, $sheet->cut->bottom() + 0.2, $transfer->label);
        $pdf->StopTransform();
    }
}
