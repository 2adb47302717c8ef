<?php

declare(strict_types=1);

namespace Wubbin\Core\Blank;

use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Rect;

/**
 * The wall of a piece that is wider at one end than at the other, and the part of a ring that it unrolls to.
 *
 * A place on the wall is told by its angle round the axis, in radians to the right of the front, and by how far down
 * along the wall it is from the rim, in mm. Unrolled, x runs to the right and y down from the middle of the rim, in mm.
 * Elementary geometry, the development of a cone: with α the angle between wall and axis, a place r from the axis lies
 * r / sin α from the apex, and an angle u round the axis becomes u · sin α round the apex. Where both ends are alike
 * that is a cylinder, and unrolls to a rectangle.
 */
final readonly class Taper
{
    /** Walls that lean less than this in a millimetre are straight: over a metre it makes a thousandth of one. */
    private const STRAIGHT = 1e-6;

    /** Points of an arc are so far apart at most, in mm. */
    private const STEP_MM = 2.0;

    private function __construct(public float $rimMm, public float $footMm, public float $heightMm) {}

    /**
     * @param float $rimMm diameter at the rim
     * @param float $footMm diameter at the foot
     * @param float $heightMm standing, not along the wall
     *
     * @throws BadRecord unless all are above zero
     */
    public static function across(float $rimMm, float $footMm, float $heightMm): self
    {
        foreach (
            ['rim_diameter_mm' => $rimMm, 'foot_diameter_mm' => $footMm, 'height_mm' => $heightMm]
            as $name => $mm
        ) {
            if ($mm <= 0.0) {
                throw BadRecord::at(
                    $name,
                    'A piece that can be wrapped is wider than nothing at both ends, and has a height.',
                );
            }
        }

        return new self($rimMm / 2.0, $footMm / 2.0, $heightMm);
    }

    public function slantMm(): float
    {
        return hypot($this->heightMm, $this->rimMm - $this->footMm);
    }

    /** The distance from the axis at so many mm along the wall, in mm; negative beyond the apex. */
    public function radiusAt(float $downMm): float
    {
        return $this->rimMm - $downMm * $this->lean();
    }

    public function roundAt(float $downMm): float
    {
        return 2.0 * \M_PI * $this->radiusAt($downMm);
    }

    /** sin α: how much nearer the axis the wall comes with every mm down; negative where it widens. */
    public function lean(): float
    {
        $lean = ($this->rimMm - $this->footMm) / $this->slantMm();

        return abs($lean) < self::STRAIGHT ? 0.0 : $lean;
    }

    /**
     * How far below the rim the apex lies in the flat, in mm; negative above it; null of a cylinder, which has none.
     */
    public function apexMm(): ?float
    {
        return 0.0 === $this->lean() ? null : $this->rimMm / $this->lean();
    }

    /** @return array{float, float} x and y in the flat, in mm */
    public function flat(float $angle, float $downMm): array
    {
        $lean = $this->lean();
        if (0.0 === $lean) {
            return [$this->rimMm * $angle, $downMm];
        }
        $apart = $this->radiusAt($downMm) / $lean;

        return [$apart * sin($angle * $lean), $this->rimMm / $lean - $apart * cos($angle * $lean)];
    }

    /**
     * The part of the wall between two angles and two distances down, in the flat.
     *
     * @return list<array{float, float}> along its upper edge to the right, and back along its lower one
     */
    public function part(float $fromAngle, float $toAngle, float $fromMm, float $toMm): array
    {
        $steps = max(2, (int) ceil((($toAngle - $fromAngle) * max($this->rimMm, $this->footMm)) / self::STEP_MM));
        $points = [];
        foreach ([$fromMm, $toMm] as $down) {
            $arc = [];
            for ($i = 0; $i <= $steps; ++$i) {
                [$x, $y] = $this->flat($fromAngle + (($toAngle - $fromAngle) * $i) / $steps, $down);
                $arc[] = [round($x, 3), round($y, 3)];
            }
            array_push($points, ...$down === $fromMm ? $arc : array_reverse($arc));
        }

        return $points;
    }

    /**
     * How a picture there is bent, so that what is level in it stays level on the piece, and what is upright upright.
     *
     * @param Rect $placed its width along the wall, at the middle of its height; its upper edge along the wall from
     *                     the rim
     *
     * @return Bend|null null of a cylinder, and where it reaches past the apex or more than once round it
     */
    public function bend(Rect $placed): ?Bend
    {
        $lean = $this->lean();
        if (0.0 === $lean) {
            return null;
        }
        $radius = $this->radiusAt($placed->yMm + $placed->size->heightMm / 2.0);

        return $radius <= 0.0 || !Bend::can($placed->size, ($placed->size->widthMm / $radius) * $lean)
            ? null
            : Bend::forSize($placed->size, ($placed->size->widthMm / $radius) * $lean);
    }
}
