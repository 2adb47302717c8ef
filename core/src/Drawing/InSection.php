<?php

declare(strict_types=1);

namespace Wubbin\Core\Drawing;

use Wubbin\Core\Measure\Phrase;
use Wubbin\Core\Measure\Rect;
use Wubbin\Core\Plan\TransferPlan;
use Wubbin\Core\Route\Face;
use Wubbin\Core\Route\LayerRole;
use Wubbin\Core\Stack\Layer;

/**
 * Steps that are seen cut through: what lies on what. Layers are drawn thick enough to tell apart, and so not to scale;
 * their order and the way the printed face looks are what these drawings are about.
 */
final readonly class InSection
{
    private const WIDE = 100.0;
    private const GAP = 3.0;

    /** The words beside it reach so far. */
    private const WORDS = 120.0;

    /** How thick each is drawn. */
    private const THICK = [
        'heat' => 18.0,
        'cover' => 5.0,
        'medium' => 7.0,
        'blank' => 14.0,
        'guard' => 7.0,
        'cloth' => 8.0,
        'base' => 20.0,
    ];

    public function __construct(private TransferPlan $plan) {}

    /** What lies under the sheet before it comes: nothing above the piece. */
    public function bed(): Drawing
    {
        $under = $this->layers(LayerRole::Blank, LayerRole::Guard, LayerRole::Cloth, LayerRole::Base);

        return $this->pile($under, 0.0)->drawing('From the side: ' . self::named($under));
    }

    /** Under the heat, all of it. */
    public function whole(): Drawing
    {
        $layers = $this->plan->arrangement->stack->layers;

        return $this->pile($layers, 0.0)->drawing('From the side: ' . self::named($layers));
    }

    /** The heat is off, and its own rises from what stays on the piece. */
    public function cool(): Drawing
    {
        $under = $this->layers(
            LayerRole::Cover,
            LayerRole::Medium,
            LayerRole::Blank,
            LayerRole::Guard,
            LayerRole::Cloth,
            LayerRole::Base,
        );

        return $this->pile($under, 16.0)->drawing('From the side, cooling: ' . self::named($under));
    }

    /**
     * The coats on the piece: those before done, the one that is due in hand, or drying.
     *
     * @param int $nth which coat it is, from 1
     * @param int $of how many there are
     */
    public function coats(int $nth, int $of, bool $drying): Drawing
    {
        $wide = self::WIDE;
        $thick = 7.0;
        $sketch = $this->sketch(Rect::mm(0.0, -($of + 2) * $thick, $wide + self::WORDS, ($of + 2) * $thick + 26.0));
        $blank = $this->layers(LayerRole::Blank)[0] ?? null;
        $sketch->rect(null === $blank ? Pen::Plain : Pen::hatched($blank->hatch), Rect::mm(0.0, 0.0, $wide, 24.0));
        for ($n = 1; $n <= $of; ++$n) {
            $coat = Rect::mm(0.0, -$n * $thick, $wide, $thick);
            $sketch->add(new Patch($coat->corners(), Turn::ofNumber($n, $nth)));
        }
        $this->label($sketch, 12.0, $blank->label ?? 'piece', false);
        $this->label($sketch, -($nth - 0.5) * $thick, sprintf('coat %d of %d', $nth, $of), true);
        $above = Rect::mm(8.0, -($of + 2) * $thick, $wide - 16.0, 1.6 * $thick);
        if ($drying) {
            foreach (Strokes::rising($above, 5) as $wave) {
                $sketch->line(Pen::Thin, $wave);
            }
        } else {
            $sketch->add(new Course([[$above->xMm, $above->yMm], [$above->right(), $above->yMm]]));
        }

        return $sketch->drawing(
            sprintf('From the side: the piece with coat %d of %d%s.', $nth, $of, $drying ? ' drying' : ''),
        );
    }

    /** A piece in a bowl that it fits into; the water stands over it. */
    public function bowl(): Drawing
    {
        $size = $this->plan->placing->size;
        $long = max($size->diameterMm ?? $size->widthMm, $size->heightMm);
        $thick = max(0.06 * $long, 4.0);
        $high = 0.36 * $long;
        $sketch = $this->sketch(Rect::mm(-0.15 * $long, 0.0, 1.3 * $long, $high));
        $sketch
            ->area(Pen::Water, [
                [-0.12 * $long, 0.28 * $high],
                [1.12 * $long, 0.28 * $high],
                [1.03 * $long, $high],
                [-0.03 * $long, $high],
            ])
            ->rect(Pen::Piece, Rect::mm(0.0, $high - 2.0 * $thick, $long, $thick))
            ->line(Pen::Face, [[0.1 * $long, $high - 2.0 * $thick], [0.9 * $long, $high - 2.0 * $thick]])
            ->line(Pen::Edge, [
                [-0.16 * $long, 0.0],
                [-0.03 * $long, $high],
                [1.03 * $long, $high],
                [1.16 * $long, 0.0],
            ])
            ->dimension([0.0, $high + 1.6 * $sketch->em], [$long, $high + 1.6 * $sketch->em], $long, '{length} or more')
            ->note(0.5 * $long, -1.0 * $sketch->em, 'water over all of it');

        return $sketch->drawing('From the side: the piece lies in a bowl, with water over all of it.');
    }

    /** On a rack, with air from below. */
    public function rack(): Drawing
    {
        $sketch = $this->sketch(Rect::mm(0.0, 0.0, self::WIDE, 80.0));
        $sketch->rect(Pen::Piece, Rect::mm(25.0, 14.0, 50.0, 46.0));
        for ($x = 4.0; $x < self::WIDE; $x += 12.0) {
            $sketch->area(Pen::Metal, Strokes::circle($x + 4.0, 64.0, 3.0));
        }
        foreach (Strokes::rising(Rect::mm(25.0, 0.0, 50.0, 11.0), 4) as $wave) {
            $sketch->line(Pen::Hot, $wave);
        }
        foreach ([12.0, 38.0, 64.0, 88.0] as $x) {
            $sketch->arrow([[$x, 80.0], [$x, 70.0]]);
        }

        return $sketch->drawing('From the side: the piece on a rack, with air all round it.');
    }

    /**
     * @param list<Layer> $layers from the top
     * @param float $waves that heat rises high above them
     */
    private function pile(array $layers, float $waves): Sketch
    {
        $high = $waves;
        foreach ($layers as $layer) {
            $high += $this->takes($layer);
        }
        $sketch = $this->sketch(Rect::mm(0.0, 0.0, self::WIDE + self::WORDS, max($high, 30.0)));
        foreach ($waves > 0.0 ? Strokes::rising(Rect::mm(10.0, 0.0, 80.0, $waves - 2.0), 5) : [] as $wave) {
            $sketch->line(Pen::Hot, $wave);
        }
        $y = $waves;
        foreach ($layers as $layer) {
            $area = Rect::mm(0.0, $y, self::WIDE, self::THICK[$layer->role->value]);
            $sketch->rect(null === $layer->label ? Pen::Hidden : Pen::hatched($layer->hatch), $area);
            if (LayerRole::Heat === $layer->role) {
                $sketch->line(Pen::Hot, [[0.0, $area->bottom()], [self::WIDE, $area->bottom()]]);
            }
            $middle = $area->yMm + $area->size->heightMm / 2.0;
            $this->label(
                $sketch,
                $middle,
                $layer->label ?? $layer->role->value . ': none yet',
                LayerRole::Blank === $layer->role,
            );
            if (null !== $layer->printedFace) {
                $edge = Face::Down === $layer->printedFace ? $area->bottom() : $area->yMm;
                $sketch->line(Pen::Face, [[0.0, $edge], [self::WIDE, $edge]]);
                $this->label($sketch, $middle + 1.2 * $sketch->em, 'printed side ' . $layer->printedFace->value, true);
            }
            $y += $this->takes($layer);
        }

        return $sketch;
    }

    /** How high it is with what is written beside it: two lines beside the sheet that is printed. */
    private function takes(Layer $layer): float
    {
        $lines = null === $layer->printedFace ? 1.0 : 2.3;

        return max(
            self::THICK[$layer->role->value] + self::GAP,
            $lines * 1.2 * ((self::WIDE + self::WORDS) / Sketch::WIDE),
        );
    }

    private function label(Sketch $sketch, float $y, string $words, bool $strong): void
    {
        // What a person called it may have any brackets.
        $sketch->add(
            new Note([self::WIDE + 0.6 * $sketch->em, $y], Phrase::of(Phrase::plain($words)), Anchor::Start, $strong),
        );
    }

    /** @return list<Layer> of these parts, from the top */
    private function layers(LayerRole ...$roles): array
    {
        return array_values(
            array_filter(
                $this->plan->arrangement->stack->layers,
                static fn(Layer $layer): bool => in_array($layer->role, $roles, true),
            ),
        );
    }

    /** @param list<Layer> $layers */
    private static function named(array $layers): string
    {
        return implode(
            ', ',
            array_map(static fn(Layer $layer): string => $layer->label ?? $layer->role->value, $layers),
        ) . '.';
    }

    private function sketch(Rect $content): Sketch
    {
        return new Sketch($content, $this->plan->brief->job->blank->colour);
    }
}
