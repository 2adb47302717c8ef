<?php

declare(strict_types=1);

namespace Wubbin\Core\Drawing;

use Wubbin\Core\Heat\IronPlace;
use Wubbin\Core\Measure\Phrase;
use Wubbin\Core\Measure\Rect;
use Wubbin\Core\Measure\Size;
use Wubbin\Core\Plan\TransferPlan;
use Wubbin\Core\Plan\Words;
use Wubbin\Core\Route\HeatKind;

/** Steps that concern the heat source itself: set, closed on a mug, switched off. */
final readonly class AtSource
{
    /** Sizes of what has no plate, and whose own nobody measures, in mm (assumed; only to draw it). */
    private const USUAL_PLATE_MM = [115.0, 215.0];

    public function __construct(private TransferPlan $plan) {}

    /** Its sole or plate from below, with what it is set to; crossed out where it is switched off. */
    public function source(bool $off): Drawing
    {
        $heat = $this->plan->outfit->heat;
        $plate = $heat->plate ?? Size::mm(...self::USUAL_PLATE_MM);
        // A spoon that rubs is not switched off: what is hot on such a board is the gun that it was fused with.
        $gun = $off && HeatKind::Burnisher === $this->plan->outfit->heatKind;
        $kind = $gun ? HeatKind::Gun : $this->plan->outfit->heatKind;
        $at = Rect::at(0.0, 0.0, $plate);
        $sketch = $this->sketch($at);
        match ($kind) {
            HeatKind::Iron => $this->iron($sketch, $at, $off),
            HeatKind::FlatPress => $this->platen($sketch, $at, $off),
            HeatKind::MugPress => $sketch->add(...$this->jaws($this->radius($at), $at, $off)),
            HeatKind::Dryer, HeatKind::Gun => $this->nozzle($sketch, $at, $off),
            HeatKind::Spoon, HeatKind::Burnisher => $this->spoon($sketch, $at),
        };
        $label = Phrase::plain($gun ? $kind->label() : $heat->label ?? $kind->label());
        $sketch->note($plate->widthMm / 2.0, $at->bottom() + 1.4 * $sketch->em, $label, [], strong: true);
        if ($off) {
            $sketch->line(Pen::Hot, [[$at->xMm, $at->yMm], [$at->right(), $at->bottom()]]);
            $sketch->note($plate->widthMm / 2.0, $at->bottom() + 2.9 * $sketch->em, 'off');
        } else {
            $sketch->add(
                new Note(
                    [$plate->widthMm / 2.0, $at->bottom() + 2.9 * $sketch->em],
                    Words::setting($this->plan->outfit),
                ),
            );
        }

        return $sketch->drawing($off ? ucfirst($label) . ', switched off.' : ucfirst($label) . '.');
    }

    /** From above: the press closed round the mug, the sheet between them. */
    public function mugPress(): Drawing
    {
        $size = $this->plan->placing->size;
        $radius = ($size->diameterMm ?? 80.0) / 2.0;
        $sketch = $this->sketch(Rect::mm(-1.7 * $radius, -1.9 * $radius, 3.4 * $radius, 3.6 * $radius));
        $sketch->add(...$this->jaws($radius, Rect::mm(-$radius, -$radius, 2.0 * $radius, 2.0 * $radius), false));
        $sketch->area(Pen::Piece, Strokes::circle(0.0, 0.0, $radius));
        if (($size->measured()['handle_mm'] ?? 0.0) > 0.0) {
            $sketch->rect(Pen::Piece, Rect::mm(-0.09 * $radius, -1.75 * $radius, 0.18 * $radius, 0.75 * $radius));
        }
        $placed = $this->plan->placing->placed;
        if (null !== $placed) {
            $angle = static fn(float $x): float => ((2.0 * \M_PI) / $size->widthMm) * $x;
            $sketch->line(
                Pen::Face,
                Strokes::arc(0.0, 0.0, 1.04 * $radius, $angle($placed->xMm), $angle($placed->right())),
            );
        }
        $sketch
            ->note(0.0, 1.55 * $radius + 1.2 * $sketch->em, 'press')
            ->note(0.0, 0.0, 'mug')
            ->note(0.3 * $radius, -1.55 * $radius, 'handle in the gap', [], Anchor::Start);

        return $sketch->drawing('From above: the press closed round the mug, with the handle in its gap.');
    }

    /** @return list<Mark> a heater that leaves the handle its gap */
    private function jaws(float $radius, Rect $about, bool $off): array
    {
        [$x, $y] = [$about->xMm + $about->size->widthMm / 2.0, $about->yMm + $about->size->heightMm / 2.0];
        $inner = Strokes::arc($x, $y, 1.1 * $radius, -0.85 * \M_PI, 0.85 * \M_PI);
        $outer = Strokes::arc($x, $y, 1.45 * $radius, -0.85 * \M_PI, 0.85 * \M_PI);

        return [
            new Line(Pen::Metal, [...$inner, ...array_reverse($outer)], true),
            new Line($off ? Pen::Edge : Pen::Hot, $inner),
        ];
    }

    private function iron(Sketch $sketch, Rect $at, bool $off): void
    {
        $point = 0.45 * $at->size->heightMm;
        $place = new IronPlace(Rect::mm(0.0, $point, $at->size->widthMm, $at->size->heightMm - $point), $at, false);
        $sketch->area($off ? Pen::Metal : Pen::Hot, Plates::sole($place));
    }

    private function platen(Sketch $sketch, Rect $at, bool $off): void
    {
        $sketch->rect($off ? Pen::Metal : Pen::Hot, $at);
        $sketch->acrossBelow($at, -1.2)->uprightBeside($at, 2.2);
    }

    private function nozzle(Sketch $sketch, Rect $at, bool $off): void
    {
        [$wide, $high] = [$at->size->widthMm, $at->size->heightMm];
        $sketch
            ->area(Pen::Metal, [
                [0.0, 0.1 * $high],
                [0.55 * $wide, 0.1 * $high],
                [0.85 * $wide, 0.17 * $high],
                [0.85 * $wide, 0.31 * $high],
                [0.55 * $wide, 0.38 * $high],
                [0.0, 0.38 * $high],
            ])
            ->area(Pen::Metal, [
                [0.1 * $wide, 0.38 * $high],
                [0.36 * $wide, 0.38 * $high],
                [0.28 * $wide, 0.92 * $high],
                [0.06 * $wide, 0.92 * $high],
            ]);
        foreach ($off ? [] : [0.18, 0.24, 0.3] as $y) {
            $sketch->line(Pen::Hot, [[0.9 * $wide, $y * $high], [1.3 * $wide, ($y + 1.6 * ($y - 0.24)) * $high]]);
        }
    }

    private function spoon(Sketch $sketch, Rect $at): void
    {
        [$wide, $high] = [$at->size->widthMm, $at->size->heightMm];
        $bowl = array_map(
            static fn(array $p): array => [0.5 * $wide + 0.28 * $wide * $p[0], 0.22 * $high + 0.22 * $high * $p[1]],
            Strokes::circle(0.0, 0.0, 1.0),
        );
        $sketch
            ->rect(Pen::Metal, Rect::mm(0.46 * $wide, 0.42 * $high, 0.08 * $wide, 0.56 * $high))
            ->area(Pen::Metal, $bowl);
    }

    private function radius(Rect $at): float
    {
        return min($at->size->widthMm, $at->size->heightMm) / 2.9;
    }

    private function sketch(Rect $content): Sketch
    {
        return new Sketch($content, $this->plan->brief->job->blank->colour);
    }
}
