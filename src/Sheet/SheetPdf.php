<?php

declare(strict_types=1);

namespace Wubbin\Sheet;

use Wubbin\Archive\SheetPage;
use Wubbin\Artwork\Artwork;
use Wubbin\Core\Measure\Rect;
use Wubbin\Core\Plan\Plan;
use Wubbin\Core\Plan\TransferPlan;
use Wubbin\Core\Sheet\MarkKind;
use Wubbin\Core\Sheet\PlacedTile;
use Wubbin\Core\Sheet\SheetMark;
use Wubbin\Core\Sheet\Tiling;
use Wubbin\Pdf\BarePdf;
use Wubbin\Pdf\Pen;
use Wubbin\Refusal\InvalidInput;
use Wubbin\Refusal\Refusal;
use Wubbin\Task\Progress;
use Wubbin\Task\Unwatched;

/**
 * Draws a job's sheets as PDF at true size: a page for each picture, or for each of its parts where it is larger than
 * the sheet, and for each size and colour that is printed otherwise. Only the picture is mirrored; everything beside it
 * reads right.
 */
final readonly class SheetPdf
{
    public function __construct(private Pen $pen) {}

    /**
     * @param array<string, Artwork> $artworks by SHA-256; a plan without one gets a size template that is drawn on by
     *                                         hand
     *
     * @return list<SheetPage> what its pages are
     *
     * @throws Refusal when the plan's picture does not fit a sheet
     */
    public function write(Plan $plan, array $artworks, string $path, Progress $progress = new Unwatched()): array
    {
        $pdf = new BarePdf('P', 'mm', [210.0, 297.0]);
        $pdf->setTitle($plan->jobName . ' · ' . $plan->id());
        $pdf->setCreator('Wubbin');
        $pages = [];
        $parts =
            [] === $plan->shares
                ? [[$plan, '']]
                : array_map(
                    static fn($share): array => [$share->plan, sprintf(' · %d × %s', $share->quantity, $share->label)],
                    $plan->shares,
                );
        foreach ($parts as $n => [$part, $of]) {
            foreach ($part->transfers as $transfer) {
                $progress->at(0.1 + (0.8 * $n) / count($parts), 'Laying out ' . $transfer->label . $of);
                array_push(
                    $pages,
                    ...$this->pages(
                        $pdf,
                        $transfer,
                        $artworks[$transfer->artwork ?? ''] ?? null,
                        $of . ' · plan ' . $part->id(),
                    ),
                );
            }
        }
        $progress->at(0.9, 'Writing the sheet');
        $pdf->writeTo($path);

        return $pages;
    }

    /**
     * @param string $of what the pages' pieces are, where they are not all of the job's
     *
     * @return list<SheetPage>
     */
    private function pages(BarePdf $pdf, TransferPlan $plan, ?Artwork $artwork, string $of): array
    {
        if (null !== $plan->tiling && null !== $artwork) {
            return $this->parts($pdf, $plan, $plan->tiling, $artwork, $of);
        }
        $sheet = $plan->sheet ?? throw InvalidInput::field('sheet', 'The picture does not fit a sheet.');
        $page = SheetPage::ofPart($plan, $plan->label . $of);
        $this->pen->begin($pdf, $sheet->page, $page->inDriver);
        if (null === $artwork) {
            $this->pen->template($pdf, $sheet);
        } else {
            $this->pen->picture($pdf, $sheet->picture, $artwork, $plan->bend, $sheet->mirrored);
        }
        $this->pen->marks($pdf, self::named($sheet->marks, $plan->label, $of));
        $this->pen->end($pdf);
        if (null === $sheet->apart) {
            return [$page];
        }
        // Its cut line on plain paper, to lay under the print against the light.
        $this->pen->begin($pdf, $sheet->page, $page->inDriver);
        $this->pen->marks($pdf, [
            $sheet->apart,
            ...self::named(
                array_values(
                    array_filter($sheet->marks, static fn(SheetMark $mark): bool => MarkKind::TapeZone !== $mark->kind),
                ),
                $plan->label,
                ' · cut lines, on plain paper' . $of,
            ),
        ]);
        $this->pen->end($pdf);

        return [$page, $page->forGuides()];
    }

    /** @return list<SheetPage> */
    private function parts(BarePdf $pdf, TransferPlan $plan, Tiling $tiling, Artwork $artwork, string $of): array
    {
        $pages = [];
        foreach ($tiling->sheets as $sheet) {
            $page = SheetPage::ofPart(
                $plan,
                $plan->label .
                    ' · part ' .
                    implode(', ', array_map(static fn(PlacedTile $one): string => $one->tile->name(), $sheet->tiles)) .
                    $of,
            );
            $this->pen->begin($pdf, $sheet->page, $page->inDriver);
            foreach ($sheet->tiles as $placed) {
                $this->part($pdf, $placed, $tiling, $artwork);
            }
            $this->pen->marks($pdf, self::named($sheet->marks, $plan->label, $of));
            $this->pen->end($pdf);
            $pages[] = $page;
        }

        return $pages;
    }

    private function part(BarePdf $pdf, PlacedTile $placed, Tiling $tiling, Artwork $artwork): void
    {
        $pdf->StartTransform();
        if ($placed->sideways) {
            $pdf->quarterTurn(
                $placed->takes->xMm,
                $placed->takes->yMm,
                1,
                $placed->takes->size->widthMm,
                $placed->takes->size->heightMm,
            );
        }
        $part = $placed->tile->part;
        $at = $placed->at;
        // The whole picture lies so that this part of it lies here; mirrored, its right edge is counted from.
        $left = $tiling->mirrored ? $tiling->picture->widthMm - $part->right() : $part->xMm;
        $pdf->StartTransform();
        $this->pen->clip($pdf, $at);
        $this->pen->picture(
            $pdf,
            Rect::at($at->xMm - $left, $at->yMm - $part->yMm, $tiling->picture),
            $artwork,
            null,
            $tiling->mirrored,
        );
        $pdf->StopTransform();
        $this->pen->marks($pdf, $placed->marks);
        $pdf->StopTransform();
    }

    /**
     * With what only the whole job knows behind the name.
     *
     * @param list<SheetMark> $marks
     *
     * @return list<SheetMark>
     */
    private static function named(array $marks, string $label, string $of): array
    {
        return array_map(
            static fn(SheetMark $mark): SheetMark => MarkKind::Text === $mark->kind &&
            str_starts_with($mark->text, $label)
                ? new SheetMark($mark->kind, $mark->rect, $mark->text . $of, $mark->turned)
                : $mark,
            $marks,
        );
    }
}
