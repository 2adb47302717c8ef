<?php

declare(strict_types=1);

namespace Wubbin\Core\Drawing;

use Wubbin\Core\Measure\Contour;
use Wubbin\Core\Measure\Quantity;
use Wubbin\Core\Measure\Rect;
use Wubbin\Core\Measure\Size;
use Wubbin\Core\Plan\TransferPlan;
use Wubbin\Core\Route\Lying;
use Wubbin\Core\Sheet\MarkKind;
use Wubbin\Core\Sheet\SheetMark;

/** Steps that are done to the sheet, at its true proportions: carrier, feed, print, drying, cutting. */
final readonly class OnSheet
{
    private Rect $page;

    public function __construct(private TransferPlan $plan)
    {
        $arrangement = $plan->arrangement;
        $this->page = Rect::at(
            0.0,
            0.0,
            $arrangement->sheet->page ??
                ($arrangement->tiling->sheets[0]->page ??
                    ($plan->outfit->medium?->paper->size() ?? Size::mm(210.0, 297.0))),
        );
    }

    /** What the flimsy sheet is cut to, where it is folded and taped, and the sheet that it is fixed on. */
    public function carrier(): Drawing
    {
        $carrier = $this->plan->arrangement->carrier;
        if (null === $carrier) {
            return $this->printed();
        }
        $cut = Rect::at(0.0, 0.0, $carrier->cut);
        $sheet = Rect::at($carrier->beyondMm, $carrier->way->stripMm + $carrier->beyondMm, $carrier->sheet);
        $sketch = $this->sketch($cut);
        $sketch->area(Pen::Back, self::cornered($cut, $carrier->cornerMm));
        if ($carrier->beyondMm > 0.0 || $carrier->way->stripMm > 0.0) {
            $sketch->rect(Pen::Fold, $sheet);
        }
        foreach ($carrier->zones as $zone) {
            $sketch->rect(Pen::Tape, Rect::at($sheet->xMm + $zone->xMm, $sheet->yMm + $zone->yMm, $zone->size));
        }
        if ($carrier->way->stripMm > 0.0) {
            $middle = $cut->size->widthMm / 2.0;
            $sketch->arrow([[$middle, 0.25 * $carrier->way->stripMm], [$middle, $sheet->yMm + 1.5 * $sketch->em]]);
        }
        if ($carrier->beyondMm > 0.0) {
            $y = $cut->bottom() + 1.4 * $sketch->em;
            $sketch->dimension([$sheet->right(), $y], [$cut->right(), $y], $carrier->beyondMm);
        }
        $sketch
            ->acrossBelow($cut, $carrier->beyondMm > 0.0 ? 3.2 : 1.4)
            ->uprightBeside($cut, 2.2)
            ->note(
                $sheet->xMm + $sheet->size->widthMm / 2.0,
                $sheet->yMm + $sheet->size->heightMm / 2.0,
                $carrier->way->backing . ' under it',
            );

        return $sketch->drawing('The flimsy sheet on its carrier: its cut, its folds and its tape.');
    }

    /** The flimsy sheet by itself, and the way of the iron over it. */
    public function flatten(): Drawing
    {
        $paper = $this->plan->outfit->medium?->paper->size() ?? $this->page->size;
        $sheet = Rect::at(0.0, 0.0, $this->plan->arrangement->carrier->cut ?? $paper);
        $sketch = $this->sketch($sheet);
        $sketch->rect(Pen::Paper, $sheet)->add(new Course(Strokes::rows($sheet->grown(-1.2 * $sketch->em), 5)));
        $sketch->acrossBelow($sheet, 1.4)->uprightBeside($sheet, 2.2);

        return $sketch->drawing('The sheet, and the way of the iron over it.');
    }

    /** The sheet as it lies in the tray: which side looks up, which edge goes in first. */
    public function feed(): Drawing
    {
        $loading = $this->plan->arrangement->loading;
        $feed = $loading?->tray->feed;
        $lying = 1 === ($feed?->leads->quarters() ?? 0) % 2;
        $paper = $this->plan->outfit->medium?->paper->size() ?? $this->page->size;
        $sheet = Rect::at(0.0, 0.0, $lying ? $paper->turned() : $paper);
        $mouth = 0.14 * $sheet->size->heightMm;
        [$wide, $high] = [$sheet->size->widthMm, $sheet->size->heightMm];
        $sketch = $this->sketch($sheet->around(Rect::mm(-0.1 * $wide, -$mouth, 1.2 * $wide, $mouth)));
        $sketch->area(Pen::Metal, [
            [-0.1 * $wide, -0.15 * $mouth],
            [1.1 * $wide, -0.15 * $mouth],
            [1.04 * $wide, -$mouth],
            [-0.04 * $wide, -$mouth],
        ]);
        $up = Lying::Up === $loading?->lying();
        $sketch->rect(null === $feed ? Pen::Hidden : ($up ? Pen::Paper : Pen::Back), $sheet);
        if (true === ($loading->folded ?? false)) {
            $sketch->line(Pen::Tape, [[0.0, 0.0], [$wide, 0.0]]);
        }
        $sketch
            ->arrow([[0.5 * $wide, 0.5 * $high], [0.5 * $wide, 0.08 * $high]])
            ->note(0.5 * $wide, -0.57 * $mouth, 'printer', [], strong: true);
        $says = match (true) {
            null === $loading => ['lay it in the printer', ''],
            null === $feed => ['feed test first', ''],
            $up => ['print side up', 'you see the print side'],
            default => ['print side down', 'you see the back'],
        };
        $sketch->note(0.5 * $wide, 0.6 * $high, $says[0], [], strong: true);
        if ('' !== $says[1]) {
            $sketch->note(0.5 * $wide, 0.6 * $high + 1.4 * $sketch->em, $says[1]);
        }
        $sketch->note(
            0.5 * $wide,
            $high + 1.2 * $sketch->em,
            $lying ? 'a long edge goes in first' : 'a short edge goes in first',
        );

        return $sketch->drawing(sprintf('The sheet in the tray: %s.', $says[0]));
    }

    /** The sheet as it must come out: mirrored where it must be, its check bar with its length. */
    public function printed(): Drawing
    {
        $sketch = $this->sketch($this->page);
        $this->sheet($sketch);
        foreach ($this->marks() as $mark) {
            if (MarkKind::CheckBar === $mark->kind && !$mark->turned) {
                $sketch->dimension(
                    [$mark->rect->xMm, $mark->rect->yMm - 0.9 * $sketch->em],
                    [$mark->rect->right(), $mark->rect->yMm - 0.9 * $sketch->em],
                    $mark->rect->size->widthMm,
                );
            }
        }
        $as = $this->plan->arrangement->stack->mirrored() ? 'mirrored' : 'as it reads';
        $sketch->note(
            $this->page->size->widthMm / 2.0,
            $this->page->bottom() + 1.2 * $sketch->em,
            $as . ': that is right',
            [],
            strong: true,
        );

        return $sketch->drawing(sprintf('The sheet as it comes out of the printer, with its picture %s.', $as));
    }

    /** The print lies open until its ink is dry. */
    public function drying(): Drawing
    {
        $high = 0.12 * $this->page->size->heightMm;
        $air = Rect::mm(0.1 * $this->page->size->widthMm, -$high - 4.0, 0.8 * $this->page->size->widthMm, $high);
        $sketch = $this->sketch($this->page->around($air));
        $this->sheet($sketch);
        foreach (Strokes::rising($air, 5) as $wave) {
            $sketch->line(Pen::Thin, $wave);
        }
        $sketch->note(
            $this->page->size->widthMm / 2.0,
            $this->page->bottom() + 1.2 * $sketch->em,
            'picture up, nothing on it',
            [],
            strong: true,
        );

        return $sketch->drawing('The print lies open, with its printed side up.');
    }

    /** Close by: the picture as it lies on the sheet, its cut line, and how far that is from it. */
    public function cut(): Drawing
    {
        $sheet = $this->plan->arrangement->sheet;
        if (null === $sheet) {
            return null === $this->plan->arrangement->tiling ? $this->guide() : $this->tiles();
        }
        $sketch = $this->sketch($sheet->cut);
        $this->picture($sketch);
        foreach ($sheet->cutLines() as $loop) {
            $sketch->area(Pen::Cut, $loop);
        }
        $hinge = $this->plan->outfit->ways->figures['hinge']->value ?? null;
        if (null !== $hinge) {
            $x = $sheet->cut->right() + 1.4 * $sketch->em;
            $sketch->dimension([$x, $sheet->cut->yMm], [$x, $sheet->cut->yMm + $hinge], $hinge, 'tab: {length}');
        }
        $trim = $this->plan->outfit->trim()->mm;
        $sketch
            ->acrossBelow($sheet->cut, 1.4)
            ->note(
                $sheet->cut->xMm + $sheet->cut->size->widthMm / 2.0,
                $sheet->cut->bottom() + 3.0 * $sketch->em,
                $trim > 0.0 ? 'cut {trim} outside the picture' : 'cut along the picture itself',
                $trim > 0.0 ? ['trim' => Quantity::length($trim)] : [],
            );

        return $sketch->drawing('The picture on its sheet, with the line that it is cut along.');
    }

    /** What a hand draws over, with its size: mirrored where the sheet is turned over afterwards. */
    public function guide(): Drawing
    {
        $placed = $this->plan->placing->placed;
        if (null === $placed) {
            $sketch = $this->sketch($this->page);
            $sketch->rect(Pen::Paper, $this->page);

            return $sketch->drawing('The sheet, without a picture yet.');
        }
        $at = Rect::at(0.0, 0.0, $this->plan->placing->bend->box ?? $placed->size);
        $trim = $this->plan->outfit->trim()->mm;
        $lines = $this->plan->placing->trimLine?->lines() ?? [];
        $mirrored = $this->plan->arrangement->stack->mirrored();
        // Where it is printed, but nothing of this shop prints it yet, there is nothing to draw over.
        $words = match (true) {
            !$this->plan->outfit->byHand => 'cut along the line',
            $mirrored => 'draw here, mirrored',
            default => 'draw here',
        };
        $sketch = $this->sketch([] === $lines ? $at->grown($trim) : Contour::box(array_merge(...$lines))->around($at));
        foreach ([] === $lines ? [$at->grown($trim)->corners()] : $lines as $loop) {
            $sketch->area(Pen::Paper, $loop);
        }
        $artwork = $this->plan->artwork();
        if (null !== $artwork) {
            $sketch->add(new Printed($at, $artwork, $mirrored, 0.6, $this->plan->placing->bend?->toQuery()));
        }
        $sketch->area(Pen::Hidden, $this->plan->placing->bend?->edge(0.0) ?? $at->corners());
        $sketch->acrossBelow($at->grown($trim), 1.4)->uprightBeside($at->grown($trim), 2.2);
        $sketch->note($at->size->widthMm / 2.0, $at->size->heightMm / 2.0, $words, [], strong: true);

        return $sketch->drawing('The guide that the picture is drawn over, with its size.');
    }

    /** A picture that is printed in parts: each with its name, and where they overlap. */
    private function tiles(): Drawing
    {
        $tiling = $this->plan->arrangement->tiling ?? throw new \LogicException('Nothing is printed in parts.');
        $whole = Rect::at(0.0, 0.0, $tiling->picture);
        $sketch = $this->sketch($whole);
        $artwork = $this->plan->artwork();
        if (null !== $artwork) {
            $sketch->add(new Printed($whole, $artwork, $tiling->mirrored));
        }
        foreach ($tiling->tiles as $tile) {
            $part = $tiling->mirrored
                ? Rect::at($whole->right() - $tile->part->right(), $tile->part->yMm, $tile->part->size)
                : $tile->part;
            $sketch
                ->rect(Pen::Cut, $part)
                ->note(
                    $part->xMm + $part->size->widthMm / 2.0,
                    $part->yMm + $part->size->heightMm / 2.0,
                    $tile->name(),
                    [],
                    strong: true,
                );
        }
        $sketch->acrossBelow($whole, 1.4)->uprightBeside($whole, 2.2);

        return $sketch->drawing('The parts of the picture, with the lines that they are cut along.');
    }

    private function sheet(Sketch $sketch): void
    {
        $sketch->rect(Pen::Paper, $this->page);
        $tiling = $this->plan->arrangement->tiling;
        if (null !== $tiling && null === $this->plan->arrangement->sheet) {
            foreach ($tiling->sheets[0]->tiles as $placed) {
                $sketch
                    ->rect(Pen::Face, $placed->at)
                    ->note(
                        $placed->at->xMm + $placed->at->size->widthMm / 2.0,
                        $placed->at->yMm + $placed->at->size->heightMm / 2.0,
                        $placed->tile->name(),
                        [],
                        strong: true,
                    );
            }

            return;
        }
        $this->picture($sketch);
        foreach ($this->marks() as $mark) {
            match ($mark->kind) {
                MarkKind::TrimLine => $sketch->add(
                    ...array_map(
                        static fn(array $loop): Line => new Line(Pen::Cut, $loop, true),
                        [] === $mark->lines ? [$mark->rect->corners()] : $mark->lines,
                    ),
                ),
                MarkKind::CheckBar => $sketch->rect(Pen::Edge, $mark->rect),
                MarkKind::TapeZone => $sketch->rect(Pen::Tape, $mark->rect),
                MarkKind::Dot => $sketch->area(
                    Pen::Edge,
                    Strokes::circle($mark->rect->xMm + 0.5, $mark->rect->yMm + 0.5, 0.5),
                ),
                default => null,
            };
        }
    }

    private function picture(Sketch $sketch): void
    {
        $sheet = $this->plan->arrangement->sheet;
        $artwork = $this->plan->artwork();
        if (null === $sheet) {
            return;
        }
        if (null !== $artwork) {
            $sketch->add(
                new Printed($sheet->picture, $artwork, $sheet->mirrored, bend: $this->plan->placing->bend?->toQuery()),
            );
        } else {
            $sketch->rect(Pen::Hidden, $sheet->picture);
        }
    }

    /** @return list<SheetMark> */
    private function marks(): array
    {
        return $this->plan->arrangement->sheet->marks ?? [];
    }

    /** @return non-empty-list<array{float, float}> a rectangle whose corners are cut off slanting */
    private static function cornered(Rect $r, float $corner): array
    {
        [$left, $top, $right, $bottom] = [$r->xMm, $r->yMm, $r->right(), $r->bottom()];

        return 0.0 === $corner
            ? $r->corners()
            : [
                [$left + $corner, $top],
                [$right - $corner, $top],
                [$right, $top + $corner],
                [$right, $bottom - $corner],
                [$right - $corner, $bottom],
                [$left + $corner, $bottom],
                [$left, $bottom - $corner],
                [$left, $top + $corner],
            ];
    }

    private function sketch(Rect $content): Sketch
    {
        return new Sketch($content, $this->plan->brief->job->blank->colour);
    }
}
