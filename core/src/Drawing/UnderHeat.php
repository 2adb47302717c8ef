<?php

declare(strict_types=1);

namespace Wubbin\Core\Drawing;

use Wubbin\Core\Heat\IronPlace;
use Wubbin\Core\Measure\Phrase;
use Wubbin\Core\Measure\Quantity;
use Wubbin\Core\Measure\Rect;
use Wubbin\Core\Measure\Size;
use Wubbin\Core\Plan\Step;
use Wubbin\Core\Plan\TransferPlan;
use Wubbin\Core\Route\Face;

/** Steps that are seen close by, on the picture: where the heat goes, how it is held, rubbed and peeled. */
final readonly class UnderHeat
{
    /** Of a picture that has no size yet, so that there is something to see: as wide and high as a hand, in mm. */
    private const NO_SIZE_MM = 100.0;

    /** How deep a corner is folded, of the picture's shorter side. */
    private const FOLDED = 0.17;

    /** More places than these are not drawn all at once. */
    private const MOST_PLACES = 30;

    /** Of a spoon's bowl, in mm (assumed: a tablespoon). */
    private const SPOON_MM = [38.0, 60.0];

    private Rect $picture;

    public function __construct(private TransferPlan $plan)
    {
        $placed = $plan->placing->placed;
        $this->picture = Rect::at(0.0, 0.0, $placed->size ?? Size::mm(self::NO_SIZE_MM, self::NO_SIZE_MM));
    }

    /** Place after place: those before it done, the one that is due filled by its clock. */
    public function places(Step $step): Drawing
    {
        $places = $this->plan->arrangement->coverage->places ?? [];

        // What is not done place by place is gone over as a whole.
        return null === $step->area && count($places) > 1 ? $this->sweep() : $this->placed($step, $places, $step->area);
    }

    /** On all places at once: as many plates as it takes, where one does not cover it. */
    public function still(Step $step): Drawing
    {
        return $this->placed($step, $this->plan->arrangement->coverage->places ?? [], null);
    }

    /**
     * @param list<IronPlace> $places
     * @param int|null $due number of the one that has its turn; nothing where all of them have
     */
    private function placed(Step $step, array $places, ?int $due): Drawing
    {
        if ([] === $places) {
            return $this->burnish();
        }
        $sketch = $this->sketch($this->covered($places));
        $this->sheet($sketch);
        $numbers = [];
        foreach ($places as $n => $place) {
            // Of very many only the one that is due, and those before and after it: the rest would hide it.
            if (null !== $due && count($places) > self::MOST_PLACES && abs($n + 1 - $due) > 1) {
                continue;
            }
            $turn = null === $due ? Turn::Now : Turn::ofNumber($n + 1, $due);
            $sketch->add(new Patch(Plates::outline($place, $this->plan->outfit->heatKind), $turn));
            $number = new Note($this->middle($place, $places), Phrase::of((string) ($n + 1)), strong: true);
            $numbers[$turn->value . $n] = $number;
        }
        $this->number(
            $sketch,
            1 === count($places) ? [] : $numbers,
            sprintf('%s%d', Turn::Now->value, ($due ?? 0) - 1),
        );
        $shift = $this->plan->arrangement->coverage->shiftMm ?? 0.0;
        $now = $places[($due ?? 1) - 1] ?? null;
        // Only where the step says so: who moves the iron all the time need not move it back.
        if ($shift > 0.0 && null !== $now && isset($step->cue->values['shift'])) {
            $this->shifted($sketch, $now, $shift);
        }

        return $sketch->drawing('The picture with the places of the heat. The one that is due is filled.');
    }

    /**
     * Numbers above all areas, so that none covers another's: as large as they have room, and where they have none,
     * only the one that is due.
     *
     * @param array<string, Note> $numbers
     * @param string $due which of them is due
     */
    private function number(Sketch $sketch, array $numbers, string $due): void
    {
        foreach ([true, false] as $large) {
            $notes = array_map(
                static fn(Note $note): Note => new Note($note->at, $note->words, $note->anchor, true, $large),
                $numbers,
            );
            if (!self::collide(array_values($notes), $sketch->em)) {
                $sketch->add(...array_values($notes));

                return;
            }
        }
        $sketch->add($numbers[$due] ?? null);
    }

    /** @param list<Note> $notes */
    private static function collide(array $notes, float $em): bool
    {
        foreach ($notes as $n => $note) {
            foreach (array_slice($notes, $n + 1) as $other) {
                if (null !== $note->box($em)->overlap($other->box($em))) {
                    return true;
                }
            }
        }

        return false;
    }

    /** The way over all places, without standing still. */
    public function sweep(): Drawing
    {
        $places = $this->plan->arrangement->coverage->places ?? [];
        $sketch = $this->sketch($this->covered($places));
        $this->sheet($sketch);
        foreach ($places as $place) {
            $sketch->area(Pen::Hidden, Plates::outline($place, $this->plan->outfit->heatKind));
        }
        $rows = max(2, (int) ceil($this->picture->size->heightMm / 50.0));
        $sketch->add(new Course(Strokes::rows($this->inner($sketch), $rows)));

        return $sketch->drawing('The way over the whole picture.');
    }

    public function edges(): Drawing
    {
        $sketch = $this->sketch($this->picture);
        $this->sheet($sketch);
        $corners = $this->picture->corners();
        $sketch->add(new Course([...$corners, $corners[0]]));

        return $sketch->drawing('Round the edges of the picture.');
    }

    /** Rubbed or warmed with something small, row by row. */
    public function burnish(): Drawing
    {
        $sketch = $this->sketch($this->picture);
        $this->sheet($sketch);
        $inner = $this->inner($sketch);
        $rows = max(3, (int) ceil($this->picture->size->heightMm / self::SPOON_MM[0]));
        $way = Strokes::rows($inner, $rows);
        $sketch->add(new Course($way));
        [$x, $y] = $way[0];
        $spoon = array_map(
            static fn(array $p): array => [
                $x + ($p[0] * self::SPOON_MM[0]) / 2.0,
                $y + ($p[1] * self::SPOON_MM[1]) / 2.0,
            ],
            Strokes::circle(0.0, 0.0, 1.0),
        );
        $sketch->area(Pen::Cover, $spoon);

        return $sketch->drawing('The way of the spoon over the whole picture.');
    }

    /** Smoothed from its middle outwards, and held while the clock runs. */
    public function hold(): Drawing
    {
        $sketch = $this->sketch($this->picture);
        $this->sheet($sketch);
        $middle = [$this->picture->size->widthMm / 2.0, $this->picture->size->heightMm / 2.0];
        $sketch->add(new Patch($this->picture->corners(), Turn::Now));
        foreach ([[0.06, 0.5], [0.94, 0.5], [0.5, 0.08], [0.5, 0.92]] as [$x, $y]) {
            $to = [$x * $this->picture->size->widthMm, $y * $this->picture->size->heightMm];
            $sketch->arrow([
                [$middle[0] + 0.25 * ($to[0] - $middle[0]), $middle[1] + 0.25 * ($to[1] - $middle[1])],
                $to,
            ]);
        }

        return $sketch->drawing('The picture. Smooth it from the middle outwards, and hold it.');
    }

    /** Rubbed in small rounds, all over. */
    public function rub(): Drawing
    {
        $sketch = $this->sketch($this->picture);
        $sketch->rect(Pen::Paper, $this->picture)->add($this->printed(1.0))->rect(Pen::Thin, $this->picture);
        $rows = max(3, (int) ceil($this->picture->size->heightMm / 30.0));
        $sketch->add(new Course(Strokes::rounds($this->inner($sketch), min(6, $rows))));

        return $sketch->drawing('The picture, rubbed in small rounds all over.');
    }

    /** The corner that is lifted first, and where it goes; from its free edge, where the sheet hangs on a hinge. */
    public function peel(): Drawing
    {
        $hinge = $this->plan->outfit->ways->figures['hinge']->value ?? null;
        if (null !== $hinge) {
            return $this->peelOnHinge($hinge);
        }
        $sketch = $this->sketch(Extent::of(array_merge(...$this->cut())));
        $sketch->rect(Pen::Hidden, $this->picture)->add($this->printed(Printed::THROUGH));
        $corner = $far = $this->cut()[0][0];
        foreach ($this->cut() as $loop) {
            $sketch->area(Pen::Back, $loop);
            foreach ($loop as $point) {
                $corner = $point[0] + $point[1] > $corner[0] + $corner[1] ? $point : $corner;
                $far = $point[0] + $point[1] < $far[0] + $far[1] ? $point : $far;
            }
        }
        $this->flap($sketch, $corner, $far);

        return $sketch->drawing('The sheet. Its lower right corner is lifted first, and drawn to the opposite one.');
    }

    /**
     * A corner that is folded back, and the way that it is drawn.
     *
     * @param array{float, float} $corner
     * @param array{float, float} $far
     */
    private function flap(Sketch $sketch, array $corner, array $far): void
    {
        $long = max(1.0, hypot($far[0] - $corner[0], $far[1] - $corner[1]));
        [$x, $y] = [($far[0] - $corner[0]) / $long, ($far[1] - $corner[1]) / $long];
        // It is folded back slanting, as a corner is that fingers take hold of.
        // One that was cut to its outline may be narrow there: its fold is small.
        $least = min($this->picture->size->widthMm, $this->picture->size->heightMm);
        $deep = (1 === count($this->cut()) && 4 === count($this->cut()[0]) ? 1.0 : 0.5) * self::FOLDED * $least;
        $sketch
            ->area(Pen::Film, [
                [$corner[0], $corner[1] - 2.0 * $deep],
                [$corner[0] - 2.0 * $deep, $corner[1] - 2.0 * $deep],
                [$corner[0] - 2.0 * $deep, $corner[1]],
            ])
            ->line(Pen::Fold, [[$corner[0], $corner[1] - 2.0 * $deep], [$corner[0] - 2.0 * $deep, $corner[1]]])
            ->arrow([$corner, [$corner[0] + 0.8 * $long * $x, $corner[1] + 0.8 * $long * $y]])
            ->note($corner[0], $corner[1] + 1.2 * $sketch->em, 'begin here', [], strong: true);
    }

    private function peelOnHinge(float $hinge): Drawing
    {
        $cut = $this->picture->grown($this->plan->outfit->trim()->mm);
        $sketch = $this->sketch($cut->around(Rect::mm($cut->xMm, $cut->yMm - $hinge, 1.0, $hinge)));
        $sketch->rect(Pen::Paper, $cut)->add($this->printed(1.0));
        [$right, $bottom] = [$cut->right(), $cut->bottom()];
        $far = 2.0 * self::FOLDED * min($cut->size->widthMm, $cut->size->heightMm);
        $middle = ($cut->xMm + $right) / 2.0;
        $sketch
            ->rect(Pen::Back, Rect::mm($cut->xMm, $cut->yMm, $cut->size->widthMm, $cut->size->heightMm - $far))
            ->line(Pen::Fold, [[$cut->xMm, $bottom - $far], [$right, $bottom - $far]])
            ->rect(Pen::Back, Rect::mm($middle - 20.0, $cut->yMm - $hinge, 40.0, $hinge))
            ->rect(Pen::Tape, Rect::mm($middle - 26.0, $cut->yMm - $hinge, 52.0, min($hinge, 15.0)))
            ->line(Pen::Hidden, [[$cut->xMm, $cut->yMm], [$right, $cut->yMm]])
            ->arrow([[$middle, $bottom], [$middle, $cut->yMm + 0.25 * $cut->size->heightMm]])
            ->note($middle + 30.0, $cut->yMm - 0.7 * $hinge, 'hinge', [], Anchor::Start, true);

        return $sketch->drawing('The sheet on its hinge. Its lower edge is lifted first.');
    }

    /** @return non-empty-list<non-empty-list<array{float, float}>> what lies there, as it was cut; a cover round it */
    private function cut(): array
    {
        $lines = $this->plan->placing->trimLine?->lines() ?? [];
        $straight = null === $this->plan->placing->bend && $this->down();

        return $straight && [] !== $lines
            ? $lines
            : [$this->picture->grown($this->plan->outfit->trim()->mm)->corners()];
    }

    private function down(): bool
    {
        return Face::Down === Laid::of($this->plan)?->printed;
    }

    /** The sheet, or the cover, over the picture: its back, and the picture pale below it. */
    private function sheet(Sketch $sketch): void
    {
        foreach ($this->cut() as $loop) {
            $sketch->area($this->down() ? Pen::Back : Pen::Paper, $loop);
        }
        $sketch->add($this->printed(Printed::THROUGH))->rect(Pen::Face, $this->picture);
    }

    private function printed(float $strength): ?Printed
    {
        $artwork = $this->plan->artwork();

        return null === $artwork ? null : new Printed($this->picture, $artwork, false, $strength);
    }

    /** An iron with steam holes is moved back after half of the time. */
    private function shifted(Sketch $sketch, IronPlace $place, float $shiftMm): void
    {
        $plate = $place->plate;
        $em = $sketch->em;
        // Too short a way to be seen is drawn longer; its length is written.
        $way = max($shiftMm, 2.0 * $em);
        [$from, $to] = $place->pointsSideways
            ? [[$plate->right(), $plate->bottom() + $em], [$plate->right() - $way, $plate->bottom() + $em]]
            : [[$plate->right() + $em, $plate->bottom() - $way], [$plate->right() + $em, $plate->bottom()]];
        $sketch
            ->arrow([$from, $to])
            ->note(
                $sketch->content->xMm + $sketch->content->size->widthMm / 2.0,
                $sketch->content->bottom() + 2.2 * $em,
                '{shift} back after half the time',
                ['shift' => Quantity::length($shiftMm)],
            );
    }

    /** What of it nothing but rows and rounds may reach. */
    private function inner(Sketch $sketch): Rect
    {
        $least = min($this->picture->size->widthMm, $this->picture->size->heightMm);

        return $this->picture->grown(-min(0.6 * $sketch->em, 0.2 * $least));
    }

    /** @param list<IronPlace> $places */
    private function covered(array $places): Rect
    {
        $all = $this->picture->grown($this->plan->outfit->trim()->mm);
        foreach ($places as $place) {
            $all = $all->around($place->plate);
        }

        return $all;
    }

    private function sketch(Rect $content): Sketch
    {
        return new Sketch($content, $this->plan->brief->job->blank->colour);
    }

    /**
     * Its number stands in the part that is its own, so that numbers of overlapping places do not cover each other.
     *
     * @param list<IronPlace> $all
     *
     * @return array{float, float}
     */
    private function middle(IronPlace $own, array $all): array
    {
        $row = $column = [];
        foreach ($all as $place) {
            $pressed = $place->pressed;
            if ($pressed->yMm === $own->pressed->yMm) {
                $row[] = [$pressed->xMm, $pressed->right()];
            }
            if ($pressed->xMm === $own->pressed->xMm) {
                $column[] = [$pressed->yMm, $pressed->bottom()];
            }
        }

        return [
            self::alone($own->pressed->xMm, $own->pressed->right(), $row),
            self::alone($own->pressed->yMm, $own->pressed->bottom(), $column),
        ];
    }

    /** @param list<array{float, float}> $all where each begins and ends */
    private static function alone(float $from, float $to, array $all): float
    {
        [$low, $high] = [$from, $to];
        foreach ($all as [$start, $end]) {
            $low = $start < $from ? max($low, $end) : $low;
            $high = $start > $from ? min($high, $start) : $high;
        }

        return $low < $high ? ($low + $high) / 2.0 : ($from + $to) / 2.0;
    }
}
