<?php

declare(strict_types=1);

namespace Wubbin\Pdf;

use Wubbin\Artwork\Artwork;
use Wubbin\Artwork\BentPictures;
use Wubbin\Artwork\PrivateDetails;
use Wubbin\Core\Artwork\PictureKind;
use Wubbin\Core\Blank\Bend;
use Wubbin\Core\Lettering\Lettering;
use Wubbin\Core\Lettering\Outline;
use Wubbin\Core\Measure\Rect;
use Wubbin\Core\Measure\Size;
use Wubbin\Core\Ready\OwnWords;
use Wubbin\Core\Sheet\MarkKind;
use Wubbin\Core\Sheet\SheetLayout;
use Wubbin\Core\Sheet\SheetMark;
use Wubbin\Storage\FileStore;

/** What all sheets are drawn with: pictures at true size, and the marks beside them. Lengths are in mm on the page. */
final readonly class Pen
{
    private const HAIRLINE_MM = 0.15;
    private const FONT = 'dejavusans';
    private const FONT_PT = 8.0;

    /** The box that a line of it stands in. */
    private const LINE_MM = 4.0;

    /** Of a tick that parts are put together by; its dot is four times as wide. */
    private const TICK_MM = 0.35;

    /** The name of a piece, in the gap below it: small enough to fit there. */
    private const NAME_PT = 4.5;

    /** A curve is followed so closely where it is bent. */
    private const SMOOTH_MM = 0.02;

    private const TRIM = ['width' => self::HAIRLINE_MM, 'dash' => '2,2', 'color' => [110, 110, 110]];

    /** Inks at full strength and blends of two, then greys: what a test swatch shows. */
    private const SWATCH = [
        [0, 0, 0],
        [0, 160, 220],
        [215, 20, 110],
        [250, 220, 0],
        [210, 40, 30],
        [40, 140, 60],
        [50, 50, 140],
        [190, 190, 190],
        [110, 110, 110],
    ];

    public function __construct(
        private FileStore $files,
        private BentPictures $bent,
        private PrivateDetails $details,
    ) {}

    /** @param bool $flipped the driver mirrors: all that is drawn until the end is turned beforehand */
    public function begin(BarePdf $pdf, Size $page, bool $flipped): void
    {
        $pdf->AddPage($page->widthMm > $page->heightMm ? 'L' : 'P', [$page->widthMm, $page->heightMm]);
        $pdf->StartTransform();
        if ($flipped) {
            $pdf->MirrorH($page->widthMm / 2.0);
        }
    }

    public function end(BarePdf $pdf): void
    {
        $pdf->StopTransform();
    }

    /** @param list<SheetMark> $marks */
    public function marks(BarePdf $pdf, array $marks): void
    {
        foreach ($marks as $mark) {
            $pdf->setFont(self::FONT, '', self::FONT_PT);
            $pdf->setLineStyle(['width' => self::HAIRLINE_MM, 'dash' => 0, 'color' => [0, 0, 0]]);
            $this->mark($pdf, $mark);
        }
    }

    /**
     * A picture, mirrored about its own middle where it must come out so.
     *
     * @param list<array{float, float}> $within the line that nothing of it is printed beyond, in mm from its upper left
     *                                          corner as it reads; empty for all of it
     */
    public function picture(
        BarePdf $pdf,
        Rect $rect,
        Artwork $artwork,
        ?Bend $bend,
        bool $mirrored,
        array $within = [],
        ?PieceWords $words = null,
    ): void {
        $pdf->StartTransform();
        if ($mirrored) {
            $pdf->MirrorH($rect->xMm + $rect->size->widthMm / 2.0);
        }
        if ([] !== $within) {
            $pdf->Polygon(
                array_merge(
                    ...array_map(static fn(array $p): array => [$rect->xMm + $p[0], $rect->yMm + $p[1]], $within),
                ),
                'CNZ',
            );
        }
        if (null === $words?->picture) {
            $this->image($pdf, $rect, $artwork, $bend);
        } else {
            $this->image($pdf, self::inside($rect, $words->picture->picture()->aspect()), $words->picture, null);
        }
        if (null !== $words?->lettering && null !== $words->own) {
            $this->letters($pdf, $rect, $words->lettering, $words->own, $bend);
        }
        $pdf->StopTransform();
    }

    /** The largest of a picture that fits there, in its middle. */
    private static function inside(Rect $rect, float $aspect): Rect
    {
        $wide = min($rect->size->widthMm, $rect->size->heightMm * $aspect);

        return Rect::mm(
            $rect->xMm + ($rect->size->widthMm - $wide) / 2.0,
            $rect->yMm + ($rect->size->heightMm - $wide / $aspect) / 2.0,
            $wide,
            $wide / $aspect,
        );
    }

    private function image(BarePdf $pdf, Rect $rect, Artwork $artwork, ?Bend $bend): void
    {
        $form = $this->files->path($artwork->sha256, $artwork->form());
        if (null !== $bend) {
            $pdf->Image(
                $this->bent->forPrint($artwork, $bend),
                $rect->xMm,
                $rect->yMm,
                $rect->size->widthMm,
                $rect->size->heightMm,
                'PNG',
            );
        } elseif (PictureKind::Vector === $artwork->picture()->kind) {
            // The whole drawing is placed so that its visible part fills the rectangle.
            $visible = $artwork->visibleInForm();
            $width = $rect->size->widthMm / $visible['width'];
            $height = $rect->size->heightMm / $visible['height'];
            $pdf->setSourceFile($form);
            $pdf->useTemplate(
                $pdf->importPage(1),
                $rect->xMm - $visible['x'] * $width,
                $rect->yMm - $visible['y'] * $height,
                $width,
                $height,
            );
        } else {
            $pdf->Image(
                $this->details->storedWithout($artwork->sha256, $artwork->form()),
                $rect->xMm,
                $rect->yMm,
                $rect->size->widthMm,
                $rect->size->heightMm,
                str_ends_with($form, '.jpg') ? 'JPEG' : 'PNG',
            );
        }
    }

    /** Words of one piece over its picture: as areas, so that nobody needs the typeface. */
    private function letters(BarePdf $pdf, Rect $rect, Lettering $lettering, OwnWords $own, ?Bend $bend): void
    {
        $outline = $lettering->outline->movedBy($own->room->xMm, $own->room->yMm);
        $bent = null === $bend ? $outline : Outline::fromLoops($bend->lines($outline->loops(self::SMOOTH_MM)));
        $pdf->area($bent->movedBy($rect->xMm, $rect->yMm), $own->style->colour);
    }

    /** The size to draw in, with its middles marked. What is mirrored says so where the drawing begins. */
    public function template(BarePdf $pdf, SheetLayout $sheet): void
    {
        $rect = $sheet->picture;
        [$middle, $centre] = [$rect->xMm + $rect->size->widthMm / 2.0, $rect->yMm + $rect->size->heightMm / 2.0];
        $pdf->setLineStyle(['width' => self::HAIRLINE_MM, 'dash' => 0, 'color' => [150, 150, 150]]);
        $pdf->Rect($rect->xMm, $rect->yMm, $rect->size->widthMm, $rect->size->heightMm);
        foreach (
            [
                [$middle, $rect->yMm, $middle, $rect->yMm + 4.0],
                [$middle, $rect->bottom() - 4.0, $middle, $rect->bottom()],
                [$rect->xMm, $centre, $rect->xMm + 4.0, $centre],
                [$rect->right() - 4.0, $centre, $rect->right(), $centre],
            ]
            as [$x1, $y1, $x2, $y2]
        ) {
            $pdf->Line($x1, $y1, $x2, $y2);
        }
        if ($sheet->mirrored) {
            $pdf->setFont(self::FONT, '', self::FONT_PT);
            $pdf->StartTransform();
            $pdf->MirrorH($middle);
            $pdf->Text($rect->xMm + 2.0, $rect->yMm + 2.0, 'draw it the way these letters run');
            $pdf->StopTransform();
        }
    }

    /** Nothing is drawn outside this until the transform that it belongs to ends. */
    public function clip(BarePdf $pdf, Rect $rect): void
    {
        $pdf->Rect($rect->xMm, $rect->yMm, $rect->size->widthMm, $rect->size->heightMm, 'CNZ');
    }

    /** @param iterable<non-empty-list<array{float, float}>> $loops */
    public function trimLines(BarePdf $pdf, iterable $loops): void
    {
        foreach ($loops as $loop) {
            $pdf->Polygon(array_merge(...$loop), 'D', ['all' => self::TRIM]);
        }
    }

    /** The name of a piece below it. */
    public function name(BarePdf $pdf, Rect $box, string $name): void
    {
        $pdf->setFont(self::FONT, '', self::NAME_PT);
        $pdf->Text($box->xMm, $box->bottom() + 0.2, $name);
    }

    /** Patches of ink to try heat and time on. */
    public function swatch(BarePdf $pdf, Rect $rect): void
    {
        $columns = 3;
        [$w, $h] = [$rect->size->widthMm / $columns, $rect->size->heightMm / 3.0];
        foreach (self::SWATCH as $i => $colour) {
            $pdf->Rect(
                $rect->xMm + $w * ($i % $columns),
                $rect->yMm + $h * intdiv($i, $columns),
                $w,
                $h,
                'F',
                [],
                $colour,
            );
        }
        $this->trimLines($pdf, [$rect->corners()]);
    }

    private function mark(BarePdf $pdf, SheetMark $mark): void
    {
        $rect = $mark->rect;
        [$middle, $centre] = [$rect->xMm + $rect->size->widthMm / 2.0, $rect->yMm + $rect->size->heightMm / 2.0];
        match ($mark->kind) {
            MarkKind::TrimLine => $this->trimLines($pdf, [] === $mark->lines ? [$rect->corners()] : $mark->lines),
            MarkKind::ThisWayUp => $this->arrow($pdf, $rect),
            MarkKind::CheckBar => $this->checkBar($pdf, $mark),
            MarkKind::Text => $this->text($pdf, $mark),
            MarkKind::Dot, MarkKind::Registration => $pdf->Circle(
                $middle,
                $centre,
                $rect->size->widthMm / 2.0,
                0.0,
                360.0,
                'F',
                [],
                [0, 0, 0],
            ),
            MarkKind::Tick => $this->tick($pdf, $rect),
            MarkKind::Crop => $this->thin($pdf, $rect),
            MarkKind::TapeZone => $this->tapeZone($pdf, $rect),
            MarkKind::Cross => $this->cross($pdf, $rect),
        };
    }

    private function thin(BarePdf $pdf, Rect $rect): void
    {
        [$middle, $centre] = [$rect->xMm + $rect->size->widthMm / 2.0, $rect->yMm + $rect->size->heightMm / 2.0];
        $rect->size->widthMm > $rect->size->heightMm
            ? $pdf->Line($rect->xMm, $centre, $rect->right(), $centre)
            : $pdf->Line($middle, $rect->yMm, $middle, $rect->bottom());
    }

    private function tick(BarePdf $pdf, Rect $rect): void
    {
        $pdf->setLineStyle(['width' => self::TICK_MM, 'dash' => 0, 'color' => [0, 0, 0]]);
        $this->thin($pdf, $rect);
        $pdf->Circle(
            $rect->xMm + $rect->size->widthMm / 2.0,
            $rect->yMm + $rect->size->heightMm / 2.0,
            2.0 * self::TICK_MM,
            0.0,
            360.0,
            'F',
            [],
            [0, 0, 0],
        );
    }

    private function tapeZone(BarePdf $pdf, Rect $rect): void
    {
        $pdf->setLineStyle(['width' => self::HAIRLINE_MM, 'dash' => '0.5,1.5', 'color' => [150, 150, 150]]);
        $pdf->Rect($rect->xMm, $rect->yMm, $rect->size->widthMm, $rect->size->heightMm);
    }

    private function cross(BarePdf $pdf, Rect $rect): void
    {
        $pdf->setLineStyle(['width' => 2.0, 'dash' => 0, 'color' => [0, 0, 0]]);
        $pdf->Line($rect->xMm, $rect->yMm, $rect->right(), $rect->bottom());
        $pdf->Line($rect->xMm, $rect->bottom(), $rect->right(), $rect->yMm);
    }

    private function arrow(BarePdf $pdf, Rect $rect): void
    {
        $middle = $rect->xMm + $rect->size->widthMm / 2.0;
        $barb = $rect->size->widthMm / 4.0;
        $pdf->setLineStyle(['width' => $rect->size->widthMm / 20.0, 'dash' => 0, 'color' => [0, 0, 0]]);
        $pdf->Line($middle, $rect->bottom(), $middle, $rect->yMm);
        $pdf->Line($middle, $rect->yMm, $middle - $barb, $rect->yMm + 1.25 * $barb);
        $pdf->Line($middle, $rect->yMm, $middle + $barb, $rect->yMm + 1.25 * $barb);
    }

    /** The bar's length is measured between the outer ends of its ticks' middles. */
    private function checkBar(BarePdf $pdf, SheetMark $mark): void
    {
        $rect = $mark->rect;
        if ($mark->turned) {
            $middle = $rect->xMm + $rect->size->widthMm / 2.0;
            $pdf->Line($middle, $rect->yMm, $middle, $rect->bottom());
            $pdf->Line($rect->xMm, $rect->yMm, $rect->right(), $rect->yMm);
            $pdf->Line($rect->xMm, $rect->bottom(), $rect->right(), $rect->bottom());
            $this->turned($pdf, $rect->xMm - 0.5, $rect->yMm - 1.0, $mark->text);

            return;
        }
        $middle = $rect->yMm + $rect->size->heightMm / 2.0;
        $pdf->Line($rect->xMm, $middle, $rect->right(), $middle);
        $pdf->Line($rect->xMm, $rect->yMm, $rect->xMm, $rect->bottom());
        $pdf->Line($rect->right(), $rect->yMm, $rect->right(), $rect->bottom());
        $pdf->Text($rect->right() + 1.0, $rect->yMm - 0.5, $mark->text);
    }

    private function text(BarePdf $pdf, SheetMark $mark): void
    {
        $text = $mark->text;
        $pdf->setFont(
            self::FONT,
            '',
            self::FONT_PT * ($mark->turned ? 1.0 : $mark->rect->size->heightMm / self::LINE_MM),
        );
        $room = $mark->turned ? $mark->rect->size->heightMm : $mark->rect->size->widthMm;
        while (mb_strlen($text) > 1 && $pdf->GetStringWidth($text) > $room - 1.0) {
            $text = mb_substr(rtrim($text, '…'), 0, -1) . '…';
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
