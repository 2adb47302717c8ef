<?php

declare(strict_types=1);

namespace Wubbin\Core\Drawing;

use Wubbin\Core\Blank\DrawnLine;
use Wubbin\Core\Blank\LineStyle;
use Wubbin\Core\Measure\Colour;
use Wubbin\Core\Measure\Phrase;
use Wubbin\Core\Measure\Rect;
use Wubbin\Core\Plan\TransferPlan;
use Wubbin\Core\Route\Face;
use Wubbin\Core\Sheet\Tile;

/** Steps that are seen on the whole piece: where the sheet goes, how it is made ready, how it looks in the end. */
final readonly class OnPiece
{
    /** From the middle line a picture is off by no more than this, in mm, where it counts as in the middle. */
    private const CENTRED_MM = 0.5;

    private ?Laid $laid;

    /** @var list<Laid> other pictures of the same side that are on the piece by then */
    private array $others;

    /** @param list<TransferPlan> $others of the same piece; those of the same side are seen */
    public function __construct(private TransferPlan $plan, array $others = [])
    {
        $this->laid = Laid::of($plan);
        $this->others = array_values(
            array_filter(
                array_map(
                    static fn(TransferPlan $other): ?Laid => $other->brief->side === $plan->brief->side
                        ? Laid::of($other)
                        : null,
                    $others,
                ),
            ),
        );
    }

    /** Where the sheet goes, measured from the edge that everything is measured from. */
    public function lay(): Drawing
    {
        $sketch = $this->piece();
        $this->sheetOn($sketch);
        $this->measures($sketch);

        return $sketch->drawing('Where the sheet lies on the piece, with its measures.');
    }

    /** The unrolled wall with the sheet on it, and below it the piece from above: how far it goes round. */
    public function wrap(): Drawing
    {
        $size = $this->plan->placing->size;
        $diameter = $size->diameterMm;
        if (null === $diameter) {
            return $this->lay();
        }
        $wall = null === $this->laid ? $this->outline() : $this->outline()->around($this->laid->extent());
        // Between them stand two measures, and what reaches back of the piece from above.
        $apart =
            5.0 *
            max($wall->size->widthMm / Sketch::WIDE, (($wall->size->heightMm + 2.0 * $diameter) / Sketch::HIGH) * 1.2);
        $y = $wall->bottom() + $apart + 0.35 * $diameter;
        $sketch = new Sketch($wall->around(Rect::mm(-$diameter, $y, 2.0 * $diameter, $diameter)), $this->colour());
        $this->drawPiece($sketch);
        $this->sheetOn($sketch);
        $this->measures($sketch);
        $this->fromAbove($sketch, $y + $diameter / 2.0, $diameter / 2.0);

        return $sketch->drawing('The wall unrolled with the sheet on it, and the piece from above.');
    }

    /** The back half of a wrap: what is done, and where it goes on. */
    public function turn(): Drawing
    {
        $diameter = $this->plan->placing->size->diameterMm;
        if (null === $diameter) {
            return $this->turnedOver();
        }
        $sketch = new Sketch(Rect::mm(-$diameter, -$diameter, 2.0 * $diameter, 2.0 * $diameter), $this->colour());
        $this->fromAbove($sketch, 0.0, $diameter / 2.0);
        $sketch->arrow(Strokes::arc(0.0, 0.0, 0.9 * $diameter, 0.25 * \M_PI, 0.9 * \M_PI));

        return $sketch->drawing('The piece from above. It is turned so that its back looks at you.');
    }

    /** The piece as it lies there and is worked on: strokes along it, or rounds, or nothing. */
    public function worked(bool $along, bool $rounds): Drawing
    {
        $sketch = $this->piece();
        $area = $this->plan->placing->size->printArea;
        $inner =
            $area->size->widthMm > 4.0 * $sketch->em && $area->size->heightMm > 4.0 * $sketch->em
                ? $area->grown(-$sketch->em)
                : $area;
        if ($along) {
            $wide = $inner->size->widthMm >= $inner->size->heightMm;
            $sketch->add(new Course($wide ? Strokes::rows($inner, 6) : Strokes::columns($inner, 6)));
        }
        if ($rounds) {
            $sketch->add(new Course(Strokes::rounds($inner, 3)));
        }
        $sketch->acrossBelow($this->outline(), 1.4)->uprightBeside($this->outline(), 2.2);

        return $sketch->drawing(
            $along || $rounds ? 'The piece, with the way over it.' : 'The piece, with its measures.',
        );
    }

    /** As it should be in the end: the picture as it reads, in its place and colours. */
    public function finished(): Drawing
    {
        $sketch = $this->piece();
        $edge = Extent::some($this->visible()[0]->points);
        foreach ([...$this->others, ...null === $this->laid ? [] : [$this->laid]] as $laid) {
            null === $laid->picture
                ? $sketch->area(Pen::Thin, $laid->edge)
                : $sketch->add($laid->picture->within($edge));
        }
        $sketch->line(Pen::Edge, [...$edge, $edge[0]]);

        return $sketch->drawing('The finished piece.');
    }

    /** The plate on the bare piece, where the picture will be. */
    public function smooth(): Drawing
    {
        $sketch = $this->piece();
        $placed = $this->plan->placing->placed;
        $coverage = $this->plan->arrangement->coverage;
        if (null !== $placed && null !== $coverage) {
            foreach ($coverage->places as $place) {
                $plate = Plates::outline($place, $this->plan->outfit->heatKind);
                $sketch->add(
                    new Patch(
                        array_map(static fn(array $p): array => [$placed->xMm + $p[0], $placed->yMm + $p[1]], $plate),
                        Turn::Now,
                    ),
                );
            }
        }
        if (null !== $this->laid) {
            $sketch->area(Pen::Hidden, $this->laid->edge);
        }

        return $sketch->drawing('The plate on the piece, where the picture will be.');
    }

    private function turnedOver(): Drawing
    {
        $box = $this->outline();
        $beside = $box->movedBy(1.35 * $box->size->widthMm);
        $sketch = new Sketch($box->around($beside), $this->colour());
        $this->drawPiece($sketch);
        foreach ($this->visible() as $line) {
            $points = array_map(
                static fn(array $p): array => [$beside->right() - ($p[0] - $box->xMm), $p[1]],
                $line->points,
            );
            $sketch->add(new Line($line->closed ? Pen::Piece : Pen::Edge, Extent::some($points), $line->closed));
        }
        $y = $box->yMm + 0.5 * $box->size->heightMm;
        $sketch
            ->arrow(self::over($box->right() - 0.2 * $box->size->widthMm, $beside->xMm + 0.2 * $box->size->widthMm, $y))
            ->note(
                $beside->xMm + 0.5 * $box->size->widthMm,
                $y + 2.0 * $sketch->em,
                $this->plan->brief->side,
                [],
                strong: true,
            );

        return $sketch->drawing('The piece is turned over.');
    }

    /**
     * @return non-empty-list<array{float, float}> an arc from one place to another over what is between
     */
    private static function over(float $from, float $to, float $y): array
    {
        $half = ($to - $from) / 2.0;

        return array_map(
            static fn(array $p): array => [$p[0], $y + ($p[1] - $y) * 0.5],
            Strokes::arc($from + $half, $y, $half, -0.5 * \M_PI, -1.5 * \M_PI),
        );
    }

    private function piece(): Sketch
    {
        $outline = $this->outline();
        $sketch = new Sketch(
            null === $this->laid ? $outline : $outline->around($this->laid->extent()),
            $this->colour(),
        );
        $this->drawPiece($sketch);

        return $sketch;
    }

    private function drawPiece(Sketch $sketch): void
    {
        foreach ($this->plan->placing->size->drawing as $line) {
            $pen = match (true) {
                LineStyle::Hidden === $line->style => Pen::Hidden,
                $line->closed => Pen::Piece,
                default => Pen::Edge,
            };
            $sketch->add(new Line($pen, Extent::some($line->points), $line->closed));
        }
        foreach ($this->plan->placing->size->zonesOn($this->plan->brief->transfer->sideId) as $zone) {
            $sketch->rect(Pen::Hidden, $zone->rect);
        }
    }

    /** The sheet on the piece: its back, where the printed face looks down; the picture, where it looks up. */
    private function sheetOn(Sketch $sketch): void
    {
        foreach ($this->others as $other) {
            $sketch->add($other->picture?->within(Extent::some($this->visible()[0]->points)));
        }
        $laid = $this->laid;
        if (null === $laid) {
            $sketch->area(Pen::Hidden, Extent::some($this->plan->placing->size->areaLine()));

            return;
        }
        foreach ($laid->cut as $loop) {
            $sketch->area(Face::Down === $laid->printed ? Pen::Back : Pen::Paper, $loop);
        }
        $sketch->add(Face::Down === $laid->printed ? $laid->picture?->fainter(Printed::THROUGH) : $laid->picture);
        foreach ($this->plan->arrangement->tiling->tiles ?? [] as $tile) {
            $this->part($sketch, $tile, $laid->box);
        }
        $sketch->area(Pen::Thin, $laid->edge);
        if (!$laid->extent()->within($this->outline())) {
            // It hides the piece below: its edge is what the sheet is laid by.
            $sketch->line(Pen::Edge, [...$this->visible()[0]->points, $this->visible()[0]->points[0]]);
        }
    }

    /** A part of a picture that is printed on several sheets. */
    private function part(Sketch $sketch, Tile $tile, Rect $box): void
    {
        $part = Rect::at($box->xMm + $tile->part->xMm, $box->yMm + $tile->part->yMm, $tile->part->size);
        $name = new Note(
            [$part->xMm + $part->size->widthMm / 2.0, $part->yMm + $part->size->heightMm / 2.0],
            Phrase::of($tile->name()),
            strong: true,
        );
        // A sliver has no room for its name.
        $sketch->rect(Pen::Cut, $part)->add($name->box($sketch->em)->within($part) ? $name : null);
    }

    private function measures(Sketch $sketch): void
    {
        $placed = $this->plan->placing->placed;
        $outline = $this->outline();
        $size = $this->plan->placing->size;
        $sketch->line(Pen::Centre, [
            [0.0, $outline->yMm - 0.8 * $sketch->em],
            [0.0, $outline->bottom() + 0.8 * $sketch->em],
        ]);
        if (null === $placed || null === $this->laid) {
            $sketch->note(0.0, $outline->yMm + $outline->size->heightMm / 2.0, 'no picture yet');

            return;
        }
        $box = $this->laid->box;
        // How far down it is told beside the piece, so that its words stand on no cloth.
        $x = min($outline->xMm, $box->xMm) - 1.2 * $sketch->em;
        if ($placed->yMm > self::CENTRED_MM) {
            $sketch
                ->line(Pen::Thin, [[$x - 0.4 * $sketch->em, 0.0], [0.0, 0.0]])
                ->line(Pen::Thin, [[$x - 0.4 * $sketch->em, $box->yMm], [$box->xMm, $box->yMm]])
                ->dimension([$x, 0.0], [$x, $box->yMm], $placed->yMm);
            $sketch->note(
                $x - 0.8 * $sketch->em,
                $outline->yMm - 1.4 * $sketch->em,
                'measure from the ' . $this->plan->from(),
                [],
                Anchor::Start,
            );
        }
        $middle = $placed->xMm + $placed->size->widthMm / 2.0;
        $this->across($sketch, $outline, $box, $placed);
        if (abs($middle) > self::CENTRED_MM && null === $size->taper) {
            $y = max($outline->bottom(), $box->bottom()) + 3.2 * $sketch->em;
            $sketch
                ->line(Pen::Thin, [[$middle, $placed->yMm], [$middle, $y + 0.4 * $sketch->em]])
                ->line(Pen::Thin, [[0.0, $outline->bottom()], [0.0, $y + 0.4 * $sketch->em]])
                ->dimension([min(0.0, $middle), $y], [max(0.0, $middle), $y], $middle);
        }
    }

    /** How wide and high the picture is, told beyond the piece. */
    private function across(Sketch $sketch, Rect $outline, Rect $box, Rect $placed): void
    {
        $y = max($outline->bottom(), $box->bottom()) + 1.4 * $sketch->em;
        $x = max($outline->right(), $box->right()) + 2.2 * $sketch->em;
        [$over, $beyond] = [$y + 0.4 * $sketch->em, $x + 0.4 * $sketch->em];
        $sketch
            ->line(Pen::Thin, [[$box->xMm, $box->bottom()], [$box->xMm, $over]])
            ->line(Pen::Thin, [[$box->right(), $box->bottom()], [$box->right(), $over]])
            ->dimension([$box->xMm, $y], [$box->right(), $y], $placed->size->widthMm)
            ->line(Pen::Thin, [[$box->right(), $box->yMm], [$beyond, $box->yMm]])
            ->line(Pen::Thin, [[$box->right(), $box->bottom()], [$beyond, $box->bottom()]])
            ->dimension([$x, $box->yMm], [$x, $box->bottom()], $placed->size->heightMm);
    }

    /** A round piece from above, with what lies on its wall; the cover is gathered at the back. */
    private function fromAbove(Sketch $sketch, float $y, float $radius): void
    {
        $placed = $this->plan->placing->placed;
        $round = $this->plan->placing->size->widthMm;
        $handle = $this->plan->placing->size->measured()['handle_mm'] ?? 0.0;
        $sketch->area(Pen::Piece, Strokes::circle(0.0, $y, $radius));
        if ($handle > 0.0) {
            $sketch->rect(Pen::Piece, Rect::mm(-0.09 * $radius, $y - 1.65 * $radius, 0.18 * $radius, 0.65 * $radius));
        }
        if (null !== $placed) {
            $angle = static fn(float $x): float => ((2.0 * \M_PI) / $round) * $x;
            $sketch->line(
                Pen::Face,
                Strokes::arc(0.0, $y, 1.03 * $radius, $angle($placed->xMm), $angle($placed->right())),
            );
        }
        if (null !== $this->plan->outfit->cover && 0.0 === $handle) {
            $sketch
                ->line(Pen::Cover, Strokes::arc(0.0, $y, 1.12 * $radius, -0.95 * \M_PI, 0.95 * \M_PI))
                ->line(Pen::Cover, [
                    [-0.15 * $radius, $y - 1.1 * $radius],
                    [0.0, $y - 1.5 * $radius],
                    [0.15 * $radius, $y - 1.1 * $radius],
                ]);
        }
        $sketch
            ->note(0.0, $y + $radius + 1.3 * $sketch->em, 'front')
            ->note(
                1.2 * $radius,
                $y - 1.2 * $radius,
                $handle > 0.0 ? 'handle at the back' : 'ends at the back',
                [],
                Anchor::Start,
            );
    }

    private function outline(): Rect
    {
        return Extent::of(
            array_merge(
                ...array_map(static fn(DrawnLine $line): array => Extent::some($line->points), $this->visible()),
            ),
        );
    }

    /** @return non-empty-list<DrawnLine> */
    private function visible(): array
    {
        $visible = array_values(
            array_filter(
                $this->plan->placing->size->drawing,
                static fn(DrawnLine $line): bool => LineStyle::Visible === $line->style,
            ),
        );

        return [] === $visible ? throw new \LogicException('A blank has an edge.') : $visible;
    }

    private function colour(): Colour
    {
        return $this->plan->brief->job->blank->colour;
    }
}
