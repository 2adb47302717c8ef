<?php

declare(strict_types=1);

namespace Wubbin\Sheet;

use Wubbin\Artwork\Artwork;
use Wubbin\Artwork\BentPictures;
use Wubbin\Core\Artwork\PictureKind;
use Wubbin\Core\Blank\Bend;
use Wubbin\Core\Plan\Plan;
use Wubbin\Core\Plan\TransferPlan;
use Wubbin\Core\Sheet\Mark;
use Wubbin\Core\Sheet\MarkKind;
use Wubbin\Core\Sheet\SheetLayout;
use Wubbin\Http\Problem;
use Wubbin\Storage\FileStore;
use Wubbin\Task\Progress;
use Wubbin\Task\Unwatched;

/**
 * Draws a job's sheets as PDF at true size: a page for each picture, and for each size and colour that is printed
 * otherwise. Only the picture is mirrored; everything beside it reads right.
 */
final readonly class SheetPdf
{
    private const HAIRLINE_MM = 0.15;
    private const FONT = 'dejavusans';
    private const FONT_PT = 8.0;

    public function __construct(private FileStore $files, private BentPictures $bent)
    {
    }

    /**
     * @param array<string, Artwork> $artworks by SHA-256; a plan without one gets a size template that is drawn on by hand
     *
     * @throws Problem when the plan's picture does not fit a sheet
     */
    public function write(Plan $plan, array $artworks, string $path, Progress $progress = new Unwatched()): void
    {
        $first = $plan->transfers[0]->sheet ?? throw Problem::field('sheet', 'The picture does not fit a sheet.');
        $pdf = new BarePdf('P', 'mm', [$first->page->widthMm, $first->page->heightMm]);
        $pdf->setTitle($plan->jobName.' · '.$plan->id());
        $pdf->setCreator('Wubbin');
        if ([] === $plan->shares) {
            $progress->at(0.1, 'Laying out the sheet');
            $this->pages($pdf, $plan, $artworks, '');
        }
        foreach ($plan->shares as $n => $share) {
            $progress->at(0.1 + 0.8 * $n / count($plan->shares), 'Laying out '.$share->label);
            $this->pages($pdf, $share->plan, $artworks, sprintf(' · %d × %s', $share->quantity, $share->label));
        }
        $progress->at(0.9, 'Writing the sheet');
        $this->keep($pdf, $path);
    }

    /**
     * @param array<string, Artwork> $artworks by SHA-256
     * @param string                 $of       what the pages' pieces are, where they are not all of the job's
     */
    private function pages(BarePdf $pdf, Plan $plan, array $artworks, string $of): void
    {
        foreach ($plan->transfers as $transfer) {
            $this->page($pdf, $transfer, $artworks[$transfer->artwork ?? ''] ?? null, $of.' · plan '.$plan->id());
        }
    }

    private function page(BarePdf $pdf, TransferPlan $plan, ?Artwork $artwork, string $of): void
    {
        $sheet = $plan->sheet ?? throw Problem::field('sheet', 'The picture does not fit a sheet.');
        $pdf->AddPage($sheet->page->widthMm > $sheet->page->heightMm ? 'L' : 'P', [$sheet->page->widthMm, $sheet->page->heightMm]);
        if (null !== $artwork) {
            $this->picture($pdf, $sheet, $artwork, $plan->bend);
        }
        $pdf->setFont(self::FONT, '', self::FONT_PT);
        if (null === $artwork) {
            $this->template($pdf, $sheet);
        }
        $pdf->setLineStyle(['width' => self::HAIRLINE_MM, 'color' => [0, 0, 0]]);
        foreach ($sheet->marks as $mark) {
            $this->mark($pdf, $mark, MarkKind::Text === $mark->kind && $mark->text === $plan->label ? $mark->text.$of : $mark->text);
        }
    }

    /** @param list<Mark> $marks */
    public function marks(BarePdf $pdf, array $marks): void
    {
        $pdf->setFont(self::FONT, '', self::FONT_PT);
        $pdf->setLineStyle(['width' => self::HAIRLINE_MM, 'color' => [0, 0, 0]]);
        foreach ($marks as $mark) {
            $this->mark($pdf, $mark, $mark->text);
        }
    }

    private function keep(BarePdf $pdf, string $path): void
    {
        $temporary = $path.'.'.bin2hex(random_bytes(4)).'.part';
        try {
            if (false === file_put_contents($temporary, $pdf->Output('', 'S')) || !rename($temporary, $path)) {
                throw new \RuntimeException('The sheet could not be written: is the disk full?');
            }
        } finally {
            if (is_file($temporary)) {
                unlink($temporary);
            }
        }
    }

    /** A picture where its sheet has it; mirrored about its own middle where that is the file's turn. */
    public function picture(BarePdf $pdf, SheetLayout $sheet, Artwork $artwork, ?Bend $bend): void
    {
        $rect = $sheet->picture;
        $form = $this->files->path($artwork->sha256, $artwork->form());
        $pdf->StartTransform();
        if ($sheet->mirrored) {
            $pdf->MirrorH($rect->xMm + $rect->size->widthMm / 2.0);
        }
        if (null !== $bend) {
            $pdf->Image($this->bent->forPrint($artwork, $bend), $rect->xMm, $rect->yMm, $rect->size->widthMm, $rect->size->heightMm, 'PNG');
        } elseif (PictureKind::Vector === $artwork->picture()->kind) {
            // The whole drawing is placed so that its visible part fills the rectangle.
            $visible = $artwork->visibleInForm();
            $width = $rect->size->widthMm / $visible['width'];
            $height = $rect->size->heightMm / $visible['height'];
            $pdf->setSourceFile($form);
            $pdf->useTemplate($pdf->importPage(1), $rect->xMm - $visible['x'] * $width, $rect->yMm - $visible['y'] * $height, $width, $height);
        } else {
            $pdf->Image($form, $rect->xMm, $rect->yMm, $rect->size->widthMm, $rect->size->heightMm, str_ends_with($form, '.jpg') ? 'JPEG' : 'PNG');
        }
        $pdf->StopTransform();
    }

    /** The size to draw in, with its middles marked. What is mirrored says so where the drawing begins. */
    public function template(BarePdf $pdf, SheetLayout $sheet): void
    {
        $rect = $sheet->picture;
        [$middle, $centre] = [$rect->xMm + $rect->size->widthMm / 2.0, $rect->yMm + $rect->size->heightMm / 2.0];
        $pdf->setLineStyle(['width' => self::HAIRLINE_MM, 'dash' => 0, 'color' => [150, 150, 150]]);
        $pdf->Rect($rect->xMm, $rect->yMm, $rect->size->widthMm, $rect->size->heightMm);
        foreach ([[$middle, $rect->yMm, $middle, $rect->yMm + 4.0], [$middle, $rect->bottom() - 4.0, $middle, $rect->bottom()], [$rect->xMm, $centre, $rect->xMm + 4.0, $centre], [$rect->right() - 4.0, $centre, $rect->right(), $centre]] as [$x1, $y1, $x2, $y2]) {
            $pdf->Line($x1, $y1, $x2, $y2);
        }
        if ($sheet->mirrored) {
            $pdf->StartTransform();
            $pdf->MirrorH($middle);
            $pdf->Text($rect->xMm + 2.0, $rect->yMm + 2.0, 'draw it the way these letters run');
            $pdf->StopTransform();
        }
    }

    private function mark(BarePdf $pdf, Mark $mark, string $text): void
    {
        match ($mark->kind) {
            MarkKind::TrimLine => [] === $mark->lines ? $pdf->Rect($mark->rect->xMm, $mark->rect->yMm, $mark->rect->size->widthMm, $mark->rect->size->heightMm, 'D', ['all' => ['width' => self::HAIRLINE_MM, 'dash' => '2,2', 'color' => [110, 110, 110]]]) : $this->outline($pdf, $mark),
            MarkKind::ThisWayUp => $this->arrow($pdf, $mark),
            MarkKind::CheckBar => $this->checkBar($pdf, $mark, $text),
            MarkKind::Text => $this->text($pdf, $mark, $text),
            MarkKind::Dot => $pdf->Circle($mark->rect->xMm + $mark->rect->size->widthMm / 2.0, $mark->rect->yMm + $mark->rect->size->heightMm / 2.0, $mark->rect->size->widthMm / 2.0, 0.0, 360.0, 'F', [], [0, 0, 0]),
        };
    }

    private function outline(BarePdf $pdf, Mark $mark): void
    {
        foreach ($mark->lines as $loop) {
            $pdf->Polygon(array_merge(...$loop), 'D', ['all' => ['width' => self::HAIRLINE_MM, 'dash' => '2,2', 'color' => [110, 110, 110]]]);
        }
    }

    private function arrow(BarePdf $pdf, Mark $mark): void
    {
        $rect = $mark->rect;
        $middle = $rect->xMm + $rect->size->widthMm / 2.0;
        $pdf->setLineStyle(['width' => 0.4, 'dash' => 0, 'color' => [0, 0, 0]]);
        $pdf->Line($middle, $rect->bottom(), $middle, $rect->yMm);
        $pdf->Line($middle, $rect->yMm, $middle - 2.0, $rect->yMm + 2.5);
        $pdf->Line($middle, $rect->yMm, $middle + 2.0, $rect->yMm + 2.5);
    }

    /** The bar's length is measured between the outer ends of its ticks' middles. */
    private function checkBar(BarePdf $pdf, Mark $mark, string $text): void
    {
        $rect = $mark->rect;
        $pdf->setLineStyle(['width' => self::HAIRLINE_MM, 'dash' => 0, 'color' => [0, 0, 0]]);
        if ($mark->turned) {
            $middle = $rect->xMm + $rect->size->widthMm / 2.0;
            $pdf->Line($middle, $rect->yMm, $middle, $rect->bottom());
            $pdf->Line($rect->xMm, $rect->yMm, $rect->right(), $rect->yMm);
            $pdf->Line($rect->xMm, $rect->bottom(), $rect->right(), $rect->bottom());
            $this->turned($pdf, $rect->xMm - 0.5, $rect->yMm - 1.0, $text);

            return;
        }
        $middle = $rect->yMm + $rect->size->heightMm / 2.0;
        $pdf->Line($rect->xMm, $middle, $rect->right(), $middle);
        $pdf->Line($rect->xMm, $rect->yMm, $rect->xMm, $rect->bottom());
        $pdf->Line($rect->right(), $rect->yMm, $rect->right(), $rect->bottom());
        $pdf->Text($rect->right() + 1.0, $rect->yMm - 0.5, $text);
    }

    private function text(BarePdf $pdf, Mark $mark, string $text): void
    {
        $room = $mark->turned ? $mark->rect->size->heightMm : $mark->rect->size->widthMm;
        while (mb_strlen($text) > 1 && $pdf->GetStringWidth($text) > $room - 1.0) {
            $text = mb_substr(rtrim($text, '…'), 0, -1).'…';
        }
        if ($mark->turned) {
            $this->turned($pdf, $mark->rect->xMm, $mark->rect->bottom(), $text);
        } else {
            $pdf->Text($mark->rect->xMm, $mark->rect->yMm, $text);
        }
    }

    /** Text that runs from bottom to top, beginning at this corner. */
    private function turned(BarePdf $pdf, float $x, float $y, string $text): void
    {
        $pdf->StartTransform();
        $pdf->Rotate(90.0, $x, $y);
        $pdf->Text($x, $y, $text);
        $pdf->StopTransform();
    }
}
