<?php

declare(strict_types=1);

namespace Wubbin\Core\Heat;

use Wubbin\Core\Measure\Rect;
use Wubbin\Core\Measure\Size;
use Wubbin\Core\Route\Coverage;
use Wubbin\Core\Route\HeatKind;
use Wubbin\Core\Route\HeatSource;

/**
 * Where to set a plate down, or to hold hot air, so that a whole picture is heated.
 *
 * The plate counts as a rectangle: its width by the share of its length that presses, less the strips at its rim. A
 * sole with steam holes is moved a little halfway through each place, so that what lay under a hole is pressed too;
 * what it covers both before and after counts. The places form a grid whose neighbours overlap at least as far as asked
 * and which reaches beyond the picture's edges, so the outer places carry the edges. Of the plate lengthwise and
 * crosswise the one that needs fewer places is taken; pointing up on a tie.
 */
final readonly class IronCoverage
{
    /**
     * @param non-empty-list<IronPlace> $places in the order they are pressed, row by row from the upper left
     * @param float $shiftMm that a plate is moved towards its heel halfway through each; 0 for
     *                       one without holes
     * @param Size $pressing what presses of the plate
     */
    private function __construct(public array $places, public float $shiftMm, public Size $pressing) {}

    /** @return self|null null for a source that has neither a plate nor a spot of hot air */
    public static function forPicture(Size $picture, HeatSource $source, Coverage $rule): ?self
    {
        if (null !== $source->patchMm) {
            return self::spots($picture, $source->patchMm);
        }
        if (null === $source->plate) {
            return null;
        }
        // A press presses with all of its plate; an iron's point presses little, and its rim not at all.
        $iron = HeatKind::Iron === $source->kind;
        $strip = $iron ? $rule->edgeStrip->mm : 0.0;
        $shift = $iron && $source->steam ? $rule->steamShift->mm : 0.0;
        $long = ($iron ? $rule->usableLengthShare : 1.0) * $source->plate->heightMm - $strip - $shift;
        $pressing = Size::mm($source->plate->widthMm - 2.0 * $strip, $long);
        $heated = Rect::at(0.0, 0.0, $picture)->grown($rule->beyondEdge->mm);
        $pointingUp = self::grid($heated, $pressing, $rule->overlap->mm);
        $sideways = self::grid($heated, $pressing->turned(), $rule->overlap->mm);
        $fewer = count($sideways) < count($pointingUp);
        // The heel lies below what it presses, or left of it, and the point beyond; it is moved towards its heel.
        $tip = $source->plate->heightMm - $strip - $long;
        $place = static fn(Rect $pressed): IronPlace => new IronPlace(
            $pressed,
            $fewer
                ? Rect::at($pressed->xMm - $strip, $pressed->yMm - $strip, $source->plate->turned())
                : Rect::at($pressed->xMm - $strip, $pressed->yMm - $tip, $source->plate),
            $fewer,
        );

        return new self(array_map($place, $fewer ? $sideways : $pointingUp), $shift, $pressing);
    }

    /** Hot air heats a round spot: what counts of each is the largest square in it, so that no corner stays cold. */
    private static function spots(Size $picture, float $acrossMm): self
    {
        $side = $acrossMm / \M_SQRT2;
        $square = Size::mm($side, $side);

        return new self(
            array_map(
                static fn(Rect $heated): IronPlace => new IronPlace(
                    $heated,
                    $heated->grown(($acrossMm - $side) / 2.0),
                    false,
                ),
                self::grid(Rect::at(0.0, 0.0, $picture), $square, 0.0),
            ),
            0.0,
            $square,
        );
    }

    /**
     * How far a plate goes that is not lifted but swept over all its places, row by row to and fro, in mm: from middle
     * to middle; 0 where it covers the picture standing.
     */
    public function sweepMm(): float
    {
        $rows = [];
        foreach ($this->places as $place) {
            $rows[sprintf('%.3F', $place->pressed->yMm)][] = [
                $place->pressed->xMm + $place->pressed->size->widthMm / 2.0,
                $place->pressed->yMm + $place->pressed->size->heightMm / 2.0,
            ];
        }
        $path = [];
        foreach (array_values($rows) as $r => $row) {
            $path = [...$path, ...0 === $r % 2 ? $row : array_reverse($row)];
        }
        $far = 0.0;
        foreach (array_slice($path, 1) as $i => [$x, $y]) {
            $far += hypot($x - $path[$i][0], $y - $path[$i][1]);
        }

        return $far;
    }

    /** @return non-empty-list<Rect> */
    private static function grid(Rect $heated, Size $plate, float $overlapMm): array
    {
        $places = [];
        foreach (self::starts($heated->yMm, $heated->size->heightMm, $plate->heightMm, $overlapMm) as $y) {
            foreach (self::starts($heated->xMm, $heated->size->widthMm, $plate->widthMm, $overlapMm) as $x) {
                $places[] = Rect::at($x, $y, $plate);
            }
        }

        return $places;
    }

    /**
     * Where equal steps begin that cover a length: flush with both ends, or centred where one step is enough.
     *
     * @return non-empty-list<float>
     */
    private static function starts(float $from, float $length, float $step, float $overlap): array
    {
        if ($length <= $step) {
            return [$from + ($length - $step) / 2.0];
        }
        $count = (int) ceil(($length - $overlap) / ($step - $overlap) - 1e-9);
        $starts = [$from];
        for ($i = 1; $i < $count; ++$i) {
            $starts[] = $from + (($length - $step) * $i) / ($count - 1);
        }

        return $starts;
    }
}
