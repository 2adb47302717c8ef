<?php

declare(strict_types=1);

namespace Wubbin\Core\Blank;

use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Length;
use Wubbin\Core\Measure\QuantityParser;
use Wubbin\Core\Measure\UnreadableQuantity;

/**
 * A round piece looked at from the front: how much of its wall is seen, and how it shrinks towards the sides.
 *
 * Arcs are measured along the wall from the middle of the front, to the right, in mm. The eye is a distance from the
 * axis away. Elementary geometry: the line of sight that grazes a circle of radius r from the distance D meets it at
 * the angle arccos(r / D); a point at the angle θ is seen at D·r·sin θ / (D − r·cos θ), in the plane through the axis.
 */
final readonly class Cylinder
{
    /** A thing held at arm's length, in mm (assumed). */
    public const ARM_MM = 600.0;

    /** Where people look from, in mm (assumed). */
    public const SEEN_FROM = ['at arm’s length' => self::ARM_MM, 'across a table' => 1200.0, 'across a room' => 3000.0];

    private function __construct(public float $radiusMm) {}

    public static function across(float $diameterMm): self
    {
        return new self($diameterMm / 2.0);
    }

    /**
     * What was measured, as it is typed: across (“8 cm”, “8 cm across”), or round it with a strip (“25 cm round”).
     *
     * @return Length the diameter
     *
     * @throws UnreadableQuantity
     */
    public static function typedDiameter(string $typed, QuantityParser $parser): Length
    {
        if (1 === preg_match('/^(.*?)\s*\b(round|around|circumference|wrap)\s*$/iu', $typed, $found)) {
            return Length::mm($parser->length($found[1])->mm / \M_PI);
        }

        return $parser->length((string) preg_replace('/\s*\b(across|diameter)\s*$/iu', '', $typed));
    }

    /**
     * How far to either side the wall is seen, as an arc in mm.
     *
     * @throws BadRecord where the eye is not outside
     */
    public function seenArc(float $eyeMm): float
    {
        $this->mustSee($eyeMm);

        return $this->radiusMm * acos($this->radiusMm / $eyeMm);
    }

    /** Where a point of the wall is seen, in mm from the middle. */
    public function seenAt(float $arcMm, float $eyeMm): float
    {
        $this->mustSee($eyeMm);
        $angle = $arcMm / $this->radiusMm;

        return ($eyeMm * $this->radiusMm * sin($angle)) / ($eyeMm - $this->radiusMm * cos($angle));
    }

    /** How wide a narrow strip there looks against one in the middle, 1 to 0; the derivative of the above. */
    public function shrink(float $arcMm, float $eyeMm): float
    {
        $this->mustSee($eyeMm);
        $cos = cos($arcMm / $this->radiusMm);
        $r = $this->radiusMm;

        return max(0.0, (($eyeMm * $cos - $r) * ($eyeMm - $r)) / ($eyeMm - $r * $cos) ** 2);
    }

    /**
     * The seen half of the wall for drawing: arcs from the left edge to the right one, and where each is seen.
     *
     * @param int<2, max> $steps
     *
     * @return list<array{float, float}> in mm
     */
    public function front(float $eyeMm, int $steps = 48): array
    {
        $edge = $this->seenArc($eyeMm);
        $points = [];
        for ($i = 0; $i <= $steps; ++$i) {
            $arc = $edge * ((2.0 * $i) / $steps - 1.0);
            $points[] = [round($arc, 3), round($this->seenAt($arc, $eyeMm), 3)];
        }

        return $points;
    }

    /**
     * How it is seen from each of these distances that lies outside of it.
     *
     * @return list<array{label: string, distance_mm: float, seen_mm: float, at_45: float, points: list<array{float,
     *     float}>}>
     */
    public function views(): array
    {
        $views = [];
        foreach (self::SEEN_FROM as $label => $distance) {
            if ($distance > $this->radiusMm) {
                $views[] = [
                    'label' => $label,
                    'distance_mm' => $distance,
                    'seen_mm' => 2.0 * $this->seenArc($distance),
                    'at_45' => $this->shrink((\M_PI / 4.0) * $this->radiusMm, $distance),
                    'points' => $this->front($distance),
                ];
            }
        }

        return $views;
    }

    private function mustSee(float $eyeMm): void
    {
        if ($eyeMm <= $this->radiusMm) {
            throw BadRecord::at('distance', 'Whoever looks at it stands outside of it.');
        }
    }
}
