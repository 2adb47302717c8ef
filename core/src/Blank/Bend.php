<?php

declare(strict_types=1);

namespace Wubbin\Core\Blank;

use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Contour;
use Wubbin\Core\Measure\Rect;
use Wubbin\Core\Measure\Size;

/**
 * A rectangle bent to a part of a ring: its levels become arcs about one point, its uprights lines through that point.
 *
 * Bent as it stands, its middle upright. Places in it are told in mm from its upper left corner, before and after:
 * after it, from the upper left corner of the box that the bent picture just fits.
 */
final readonly class Bend
{
    /** Beyond a whole turn it would lie on itself. */
    private const MOST = 2.0 * \M_PI;

    /** Sides of a line that is bent are taken in steps of this, in mm. */
    private const STEP_MM = 2.0;

    /** Straight pieces that an arc is told by: even, so that its middle is one of their ends. */
    private const STEPS = 64;

    private function __construct(
        public Size $size,
        public float $angle,
        private float $left,
        private float $top,
        public Size $box,
    ) {}

    /**
     * @param Size $size of the picture: its width at the middle of its height
     * @param float $angle that its width takes up about the point, in radians; positive with the point below it
     *
     * @throws BadRecord where it would reach past that point, or round it more than once
     */
    public static function forSize(Size $size, float $angle): self
    {
        if (!self::can($size, $angle)) {
            throw BadRecord::at('bend', 'A picture cannot be bent like this.');
        }
        $raw = new self($size, $angle, 0.0, 0.0, $size);
        $box = Contour::box($raw->edge(0.0));

        return new self($size, $angle, $box->xMm, $box->yMm, $box->size);
    }

    public static function can(Size $size, float $angle): bool
    {
        return 0.0 !== $angle && abs($angle) <= self::MOST && abs($size->widthMm / $angle) > $size->heightMm / 2.0;
    }

    /**
     * A bend as it stands in an address.
     *
     * @param array<string, mixed> $query
     *
     * @throws BadRecord unless it is one that a picture of at most 2 m can have
     */
    public static function fromQuery(array $query): self
    {
        $numbers = array_map(
            static fn(string $name): float => is_numeric($query[$name] ?? null) ? (float) $query[$name] : 0.0,
            ['width', 'height', 'angle'],
        );
        [$width, $height, $angle] = $numbers;
        if ($width <= 0.0 || $height <= 0.0 || $width > BlankSize::LARGEST_MM || $height > BlankSize::LARGEST_MM) {
            throw BadRecord::at('bend', 'A picture cannot be bent like this.');
        }

        return self::forSize(Size::mm($width, $height), $angle);
    }

    /** The same as part of an address; to a thousandth of a millimetre, and of one in the farthest corner. */
    public function toQuery(): string
    {
        return sprintf('width=%.3F&height=%.3F&angle=%.7F', $this->size->widthMm, $this->size->heightMm, $this->angle);
    }

    /** The distance of its middle from the point it is bent about, in mm; negative where that is above it. */
    public function radiusMm(): float
    {
        return $this->size->widthMm / $this->angle;
    }

    /** @return array{float, float} where a place of the picture comes to lie in the box */
    public function point(float $xMm, float $yMm): array
    {
        $radius = $this->radiusMm();
        $apart = $radius + $this->size->heightMm / 2.0 - $yMm;
        $turn = ($xMm / $this->size->widthMm - 0.5) * $this->angle;

        return [
            $apart * sin($turn) - $this->left,
            $radius - $apart * cos($turn) + $this->size->heightMm / 2.0 - $this->top,
        ];
    }

    /**
     * @param list<non-empty-list<array{float, float}>> $loops
     *
     * @return list<non-empty-list<array{float, float}>>
     */
    public function lines(array $loops): array
    {
        return array_map(function (array $loop): array {
            $bent = [];
            $from = $loop[count($loop) - 1];
            foreach ($loop as $to) {
                // A long straight side becomes an arc: points along it are bent, not only its ends.
                $steps = max(1, (int) ceil(hypot($to[0] - $from[0], $to[1] - $from[1]) / self::STEP_MM));
                for ($i = 1; $i <= $steps; ++$i) {
                    $bent[] = $this->point(
                        $from[0] + (($to[0] - $from[0]) * $i) / $steps,
                        $from[1] + (($to[1] - $from[1]) * $i) / $steps,
                    );
                }
                $from = $to;
            }

            return [] === $bent ? $loop : $bent;
        }, $loops);
    }

    /**
     * Its edge, so far outside the picture.
     *
     * @return non-empty-list<array{float, float}>
     */
    public function edge(float $marginMm): array
    {
        $points = [$this->point(-$marginMm, -$marginMm)];
        for ($i = 1; $i <= self::STEPS; ++$i) {
            $points[] = $this->point(
                -$marginMm + (($this->size->widthMm + 2.0 * $marginMm) * $i) / self::STEPS,
                -$marginMm,
            );
        }
        for ($i = self::STEPS; $i >= 0; --$i) {
            $points[] = $this->point(
                -$marginMm + (($this->size->widthMm + 2.0 * $marginMm) * $i) / self::STEPS,
                $this->size->heightMm + $marginMm,
            );
        }

        return $points;
    }

    /** Where the middle of the picture's upper edge lies in the box, and so how the box lies about it. */
    public function boxAbout(float $xMm, float $yMm): Rect
    {
        [$x, $y] = $this->point($this->size->widthMm / 2.0, 0.0);

        return Rect::at($xMm - $x, $yMm - $y, $this->box);
    }

    /**
     * The same bend as an arc distortion takes it: the angle, and the radii that upper and lower edge of the picture
     * get.
     *
     * @return array{float, float,
     *     float} degrees, and mm; of a picture that stands on its head where the point is above it
     */
    public function arc(): array
    {
        $radius = abs($this->radiusMm());
        $half = $this->size->heightMm / 2.0;

        return [rad2deg(abs($this->angle)), $radius + $half, $radius - $half];
    }

    public function aboutAbove(): bool
    {
        return $this->angle < 0.0;
    }
}
