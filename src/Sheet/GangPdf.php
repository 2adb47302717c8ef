<?php

declare(strict_types=1);

namespace Wubbin\Sheet;

use Wubbin\Archive\SheetPage;
use Wubbin\Artwork\Artwork;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Measure\Rect;
use Wubbin\Core\Measure\Size;
use Wubbin\Core\Plan\GangLot;
use Wubbin\Core\Plan\GangPicture;
use Wubbin\Core\Plan\SheetRun;
use Wubbin\Core\Sheet\MarkKind;
use Wubbin\Core\Sheet\SheetLayout;
use Wubbin\Core\Sheet\SheetMark;
use Wubbin\Pdf\BarePdf;
use Wubbin\Pdf\Pen;
use Wubbin\Pdf\PieceWords;
use Wubbin\Task\Progress;

/**
 * Draws sheets that several jobs share: each piece as on a sheet of its own, moved to its place and turned as it lies
 * there.
 */
final readonly class GangPdf
{
    public function __construct(private Pen $pen) {}

    /**
     * @param list<GangLot> $lots
     * @param list<GangLot> $later lots of jobs whose pieces fill what was left
     * @param list<Record> $layouts as they were laid out, by the lots' ids
     * @param array<string, Artwork> $artworks by SHA-256
     *
     * @return array{BarePdf, list<SheetPage>} the PDF, and what its pages are
     */
    public function draw(
        array $lots,
        array $later,
        array $layouts,
        array $artworks,
        PiecesInTurn $turn,
        string $title,
        Progress $progress,
    ): array {
        $now = array_combine(array_map(static fn(GangLot $lot): string => $lot->id, $lots), $lots);
        $then = array_combine(array_map(static fn(GangLot $lot): string => $lot->id, $later), $later);
        $pdf = new BarePdf('P', 'mm', [210.0, 297.0]);
        $pdf->setTitle($title);
        $pdf->setCreator('Wubbin');
        $all = array_sum(array_map(static fn(Record $layout): int => count($layout->records('sheets')), $layouts));
        $pages = [];
        foreach ($layouts as $layout) {
            $lot = $now[$layout->string('id')];
            $pictures = $lot->pictures + ($then[$lot->id]->pictures ?? []);
            foreach ($layout->records('sheets') as $sheet) {
                $progress->at(
                    0.05 + (0.9 * count($pages)) / max(1, $all),
                    sprintf('Drawing sheet %d of %d', count($pages) + 1, $all),
                );
                $number = sprintf('sheet %d of %d', count($pages) + 1, $all);
                $names = implode(', ', self::namesOn($pictures, $sheet));
                $pages[] = SheetPage::forMedium(
                    $lot->medium,
                    $lot->marking,
                    $lot->mirrored,
                    $lot->first()->arrangement->carrier->foldLeads ?? false,
                    $names . ' · ' . $number,
                );
                $this->page($pdf, $lot, $pictures, $sheet, $artworks, $turn, $number . ' · ' . $names);
            }
        }

        return [$pdf, $pages];
    }

    /**
     * One of the sheets of a single job.
     *
     * @param array<string, Artwork> $artworks
     * @param string $of which of them it is
     */
    public function sheet(BarePdf $pdf, SheetRun $run, array $artworks, PiecesInTurn $turn, string $of): SheetPage
    {
        $lot = $run->lot;
        $sheet = Record::of(
            json_decode(
                json_encode(GangSheetView::of($run->sheet), \JSON_THROW_ON_ERROR),
                true,
                64,
                \JSON_THROW_ON_ERROR,
            ),
        );
        $names = implode(', ', self::namesOn($lot->pictures, $sheet)) . $of;
        $this->page($pdf, $lot, $lot->pictures, $sheet, $artworks, $turn, $names);

        return SheetPage::forMedium(
            $lot->medium,
            $lot->marking,
            $lot->mirrored,
            $lot->first()->arrangement->carrier->foldLeads ?? false,
            $names,
        );
    }

    /**
     * @param array<string, GangPicture> $pictures
     * @param array<string, Artwork> $artworks
     */
    private function page(
        BarePdf $pdf,
        GangLot $lot,
        array $pictures,
        Record $sheet,
        array $artworks,
        PiecesInTurn $turn,
        string $foot,
    ): void {
        $page = Size::mm($sheet->number('page_width_mm'), $sheet->number('page_height_mm'));
        $this->pen->begin($pdf, $page, $lot->mirrored && $lot->marking->mirrorsInDriver());
        foreach ($sheet->records('places') as $place) {
            $rect = Rect::mm(
                $place->number('x_mm'),
                $place->number('y_mm'),
                $place->number('width_mm'),
                $place->number('height_mm'),
            );
            if (GangLayouts::isSwatch($place->string('piece'))) {
                $this->pen->swatch($pdf, $rect);
            } else {
                $this->piece(
                    $pdf,
                    $pictures[$place->string('piece')],
                    $rect,
                    $place->integer('quarters'),
                    $artworks,
                    $turn->next($place->string('piece')),
                );
            }
        }
        $bar = $sheet->recordOrNull('bar');
        $this->pen->marks($pdf, [
            ...SheetLayout::strip($lot->printable($page), false, $foot),
            ...null === $bar
                ? []
                : [
                    new SheetMark(
                        MarkKind::CheckBar,
                        Rect::mm(
                            $bar->number('x_mm'),
                            $bar->number('y_mm'),
                            $bar->number('width_mm'),
                            $bar->number('height_mm'),
                        ),
                        '100 mm',
                        true,
                    ),
                ],
        ]);
        $this->pen->end($pdf);
    }

    /**
     * @param array<string, GangPicture> $pictures
     *
     * @return list<string> what is on a sheet, each once
     */
    private static function namesOn(array $pictures, Record $sheet): array
    {
        return array_values(
            array_unique(
                array_map(static function (Record $place) use ($pictures): string {
                    $picture = $pictures[$place->string('piece')] ?? null;

                    return null === $picture
                        ? 'test swatches'
                        : $picture->transfer->label() . ' (plan ' . $picture->planId . ')';
                }, $sheet->records('places')),
            ),
        );
    }

    /** @param array<string, Artwork> $artworks */
    private function piece(
        BarePdf $pdf,
        GangPicture $picture,
        Rect $place,
        int $quarters,
        array $artworks,
        ?PieceWords $words,
    ): void {
        $transfer = $picture->transfer;
        $sheet = $transfer->arrangement->sheet ?? throw new \LogicException('What is ganged has a sheet of its own.');
        $pdf->StartTransform();
        $pdf->quarterTurn($place->xMm, $place->yMm, $quarters, $place->size->widthMm, $place->size->heightMm);
        $pdf->move($place->xMm - $sheet->cut->xMm, $place->yMm - $sheet->cut->yMm);
        $artwork = $artworks[$transfer->artwork() ?? ''] ?? null;
        if (null === $artwork) {
            $this->pen->template($pdf, $sheet);
        } else {
            $this->pen->picture(
                $pdf,
                $sheet->picture,
                $artwork,
                $transfer->placing->bend,
                $sheet->mirrored,
                $transfer->placing->printedWithin(),
                $words,
            );
        }
        $this->pen->trimLines($pdf, $sheet->guided() ? $sheet->cutLines() : []);
        $this->pen->name($pdf, $sheet->cut, null === $words ? $transfer->label() : $words->label);
        $pdf->StopTransform();
    }
}
