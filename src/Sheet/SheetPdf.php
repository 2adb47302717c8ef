<?php

declare(strict_types=1);

namespace Wubbin\Sheet;

use Wubbin\Archive\SheetPage;
use Wubbin\Artwork\Artwork;
use Wubbin\Core\Measure\Rect;
use Wubbin\Core\Plan\GangPicture;
use Wubbin\Core\Plan\Plan;
use Wubbin\Core\Plan\SheetRun;
use Wubbin\Core\Plan\TransferPlan;
use Wubbin\Core\Sheet\MarkKind;
use Wubbin\Core\Sheet\PlacedTile;
use Wubbin\Core\Sheet\SheetMark;
use Wubbin\Core\Sheet\Tiling;
use Wubbin\Pdf\BarePdf;
use Wubbin\Pdf\Pen;
use Wubbin\Pdf\PieceWords;
use Wubbin\Refusal\InvalidInput;
use Wubbin\Refusal\Refusal;
use Wubbin\Task\Progress;
use Wubbin\Task\Unwatched;

/**
 * Draws all sheets of a job as PDF at true size, as they are laid out for its pieces; a picture that is larger than a
 * sheet in parts, anew for every piece. Only the picture is mirrored; everything beside it
 * reads right.
 */
final readonly class SheetPdf
{
    /** A PDF has no more sheets: so many are a session at the bench, and a stack that a printer takes. */
    public const MOST = 200;

    public function __construct(private Pen $pen, private GangPdf $gang) {}

    /**
     * @param array<string, Artwork> $artworks by SHA-256; a plan without one gets a size template that is drawn on by
     *                                         hand
     *
     * @return list<SheetPage> what its pages are
     *
     * @throws Refusal when the plan's picture does not fit a sheet
     */
    public function write(
        Plan $plan,
        array $artworks,
        PiecesInTurn $turn,
        string $path,
        Progress $progress = new Unwatched(),
    ): array {
        $pdf = new BarePdf('P', 'mm', [210.0, 297.0]);
        $pdf->setTitle($plan->jobName . ' · ' . $plan->id());
        $pdf->setCreator('Wubbin');
        $pages = [];
        $sheets = $plan->sheets();
        $all = max(1, min(self::MOST, $sheets->count()));
        foreach ($sheets->runs as $run) {
            for ($copy = 1; $copy <= $run->copies && count($pages) < self::MOST; ++$copy) {
                $progress->at(
                    0.1 + (0.8 * count($pages)) / $all,
                    sprintf('Drawing sheet %d of %d', count($pages) + 1, $all),
                );
                $of = $all > 1 ? sprintf(' · sheet %d of %d', count($pages) + 1, $all) : '';
                array_push($pages, ...$this->sheet($pdf, $run, $plan, $artworks, $turn, $of));
            }
        }
        foreach ($sheets->apart as [$transfer, $p, $t, $pieces]) {
            [$part] = $plan->parts()[$p];
            for ($piece = 1; $piece <= $pieces && count($pages) < self::MOST; ++$piece) {
                $progress->at(0.1 + (0.8 * count($pages)) / $all, 'Laying out ' . $transfer->label());
                $of = ($pieces > 1 ? sprintf(' · piece %d of %d', $piece, $pieces) : '') . ' · plan ' . $part->id();
                array_push(
                    $pages,
                    ...$this->pages(
                        $pdf,
                        $transfer,
                        $artworks[$transfer->artwork() ?? ''] ?? null,
                        $turn->next(GangPicture::id($plan->jobId, $p, $t)),
                        $of,
                    ),
                );
            }
        }
        $progress->at(0.9, 'Writing the sheet');
        $pdf->writeTo($path);

        return $pages;
    }

    /**
     * One of a run; a picture that has a sheet to itself lies in its middle, with all its marks.
     *
     * @param array<string, Artwork> $artworks
     *
     * @return list<SheetPage>
     */
    private function sheet(
        BarePdf $pdf,
        SheetRun $run,
        Plan $plan,
        array $artworks,
        PiecesInTurn $turn,
        string $of,
    ): array {
        if (count($run->sheet->places) > 1) {
            return [$this->gang->sheet($pdf, $run, $artworks, $turn, $of)];
        }
        $picture = $run->lot->pictures[$run->sheet->places[0]->piece];
        [$part, , $label] = $plan->parts()[GangPicture::numbers($picture->piece->id)[0]];
        $named = ('' === $label ? '' : ' · ' . $label) . $of . ' · plan ' . $part->id();

        return $this->pages(
            $pdf,
            $picture->transfer,
            $artworks[$picture->transfer->artwork() ?? ''] ?? null,
            $turn->next($picture->piece->id),
            $named,
        );
    }

    /**
     * @param string $of what the pages' pieces are, where they are not all of the job's
     *
     * @return list<SheetPage>
     */
    private function pages(BarePdf $pdf, TransferPlan $plan, ?Artwork $artwork, ?PieceWords $words, string $of): array
    {
        $of = null === $words ? $of : ' · ' . $words->label . $of;
        if (null !== $plan->arrangement->tiling && null !== $artwork) {
            return $this->parts($pdf, $plan, $plan->arrangement->tiling, $artwork, $words, $of);
        }
        $sheet = $plan->arrangement->sheet ?? throw InvalidInput::field('sheet', 'The picture does not fit a sheet.');
        $page = SheetPage::ofPart($plan, $plan->label() . $of);
        $this->pen->begin($pdf, $sheet->page, $page->inDriver);
        if (null === $artwork) {
            $this->pen->template($pdf, $sheet);
        } else {
            $this->pen->picture(
                $pdf,
                $sheet->picture,
                $artwork,
                $plan->placing->bend,
                $sheet->mirrored,
                $plan->placing->printedWithin(),
                $words,
            );
        }
        $this->pen->marks($pdf, self::named($sheet->marks, $plan->label(), $of));
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
                $plan->label(),
                ' · cut lines, on plain paper' . $of,
            ),
        ]);
        $this->pen->end($pdf);

        return [$page, $page->forGuides()];
    }

    /** @return list<SheetPage> */
    private function parts(
        BarePdf $pdf,
        TransferPlan $plan,
        Tiling $tiling,
        Artwork $artwork,
        ?PieceWords $words,
        string $of,
    ): array {
        $pages = [];
        foreach ($tiling->sheets as $sheet) {
            $page = SheetPage::ofPart(
                $plan,
                $plan->label() .
                    ' · part ' .
                    implode(', ', array_map(static fn(PlacedTile $one): string => $one->tile->name(), $sheet->tiles)) .
                    $of,
            );
            $this->pen->begin($pdf, $sheet->page, $page->inDriver);
            foreach ($sheet->tiles as $placed) {
                $this->part($pdf, $placed, $tiling, $artwork, $plan->placing->printedWithin(), $words);
            }
            $this->pen->marks($pdf, self::named($sheet->marks, $plan->label(), $of));
            $this->pen->end($pdf);
            $pages[] = $page;
        }

        return $pages;
    }

    /** @param list<array{float, float}> $within the line that nothing of the picture is printed beyond */
    private function part(
        BarePdf $pdf,
        PlacedTile $placed,
        Tiling $tiling,
        Artwork $artwork,
        array $within,
        ?PieceWords $words,
    ): void {
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
            $within,
            $words,
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
