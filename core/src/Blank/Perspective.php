<?php

declare(strict_types=1);

namespace Wubbin\Core\Blank;

use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Size;

/**
 * What a photo of a table shows, at true size: told from the four corners of a sheet of known size that lies on it.
 *
 * A projective map between two planes is fixed by four points, no three of them in a line; from the unit square to a
 * quadrilateral it has a closed form (Heckbert, Fundamentals of Texture Mapping and Image Warping, 1989, section
 * 2.2.3), and its inverse is the adjugate of its matrix. A lens that bends straight lines is not corrected.
 */
final readonly class Perspective
{
    /** The sheet must take up this part of the photo at least; smaller, a corner marked a little off tells nothing. */
    private const LEAST_SHARE = 0.002;

    /** @param non-empty-list<float> $matrix of the map from the sheet's unit square to the photo, row by row */
    private function __construct(private array $matrix, public Size $sheet) {}

    /**
     * @param list<array{float, float}> $corners of the sheet in the photo, in pixels, one after the other round it
     * @param Size $paper the sheet, upright
     * @param Size $photo in pixels
     * @param bool $other it lies the other way than the lengths of its sides in the photo say
     *
     * @throws BadRecord where the corners cross, lie in a line or outside of the photo
     */
    public static function fromCorners(array $corners, Size $paper, Size $photo, bool $other = false): self
    {
        if (4 !== count($corners)) {
            throw BadRecord::at('corners', 'Mark the sheet’s four corners.');
        }
        foreach ($corners as $i => [$x, $y]) {
            if ($x < 0.0 || $y < 0.0 || $x > $photo->widthMm || $y > $photo->heightMm) {
                throw BadRecord::at('corners', sprintf('Corner %d lies outside of the photo.', $i + 1));
            }
        }
        [$a, $b, $c, $d] = $corners;
        $turns = [self::turn($a, $b, $c), self::turn($b, $c, $d), self::turn($c, $d, $a), self::turn($d, $a, $b)];
        $least = self::LEAST_SHARE * $photo->areaMm2();
        if (min(array_map(abs(...), $turns)) < $least) {
            throw BadRecord::at(
                'corners',
                'The corners lie almost in a line, or close together. The whole sheet must show, and be large ' .
                    'enough.',
            );
        }
        if (min($turns) < 0.0 && max($turns) > 0.0) {
            throw BadRecord::at('corners', 'The corners cross. Mark them one after the other round the sheet.');
        }
        // Round with the clock, so that the photo is not taken for its mirror image.
        [$a, $b, $c, $d] = $turns[0] > 0.0 ? [$a, $b, $c, $d] : [$d, $c, $b, $a];
        $lying = self::apart($a, $b) + self::apart($c, $d) > self::apart($b, $c) + self::apart($d, $a);

        return new self(self::squareTo($a, $b, $c, $d), $lying === $other ? $paper : $paper->turned());
    }

    /**
     * Where a point of the photo lies on the table.
     *
     * @return array{float, float} in mm from the sheet's first corner
     *
     * @throws BadRecord beyond the horizon
     */
    public function onTable(float $x, float $y): array
    {
        [$a, $b, $c, $d, $e, $f, $g, $h, $i] = $this->matrix;
        $u = ($e * $i - $f * $h) * $x + ($c * $h - $b * $i) * $y + ($b * $f - $c * $e);
        $v = ($f * $g - $d * $i) * $x + ($a * $i - $c * $g) * $y + ($c * $d - $a * $f);
        $w = ($d * $h - $e * $g) * $x + ($b * $g - $a * $h) * $y + ($a * $e - $b * $d);
        // Corners run with the clock on the table and in the photo, so that this side of the horizon is above zero.
        if ($w < 1e-9) {
            throw BadRecord::at('points', 'A point lies beyond where the table ends in this photo.');
        }

        return [($u / $w) * $this->sheet->widthMm, ($v / $w) * $this->sheet->heightMm];
    }

    /** @return array{float, float} where a place of the table is seen in the photo, in pixels */
    public function inPhoto(float $xMm, float $yMm): array
    {
        [$a, $b, $c, $d, $e, $f, $g, $h, $i] = $this->matrix;
        [$u, $v] = [$xMm / $this->sheet->widthMm, $yMm / $this->sheet->heightMm];
        $w = $g * $u + $h * $v + $i;

        return [($a * $u + $b * $v + $c) / $w, ($d * $u + $e * $v + $f) / $w];
    }

    /**
     * @param array{float, float} $p0
     * @param array{float, float} $p1
     * @param array{float, float} $p2
     * @param array{float, float} $p3
     *
     * @return non-empty-list<float>
     */
    private static function squareTo(array $p0, array $p1, array $p2, array $p3): array
    {
        [$dx1, $dx2, $sx] = [$p1[0] - $p2[0], $p3[0] - $p2[0], $p0[0] - $p1[0] + $p2[0] - $p3[0]];
        [$dy1, $dy2, $sy] = [$p1[1] - $p2[1], $p3[1] - $p2[1], $p0[1] - $p1[1] + $p2[1] - $p3[1]];
        $den = $dx1 * $dy2 - $dx2 * $dy1;
        $g = ($sx * $dy2 - $dx2 * $sy) / $den;
        $h = ($dx1 * $sy - $sx * $dy1) / $den;

        return [
            $p1[0] - $p0[0] + $g * $p1[0],
            $p3[0] - $p0[0] + $h * $p3[0],
            $p0[0],
            $p1[1] - $p0[1] + $g * $p1[1],
            $p3[1] - $p0[1] + $h * $p3[1],
            $p0[1],
            $g,
            $h,
            1.0,
        ];
    }

    /**
     * Above zero where the way through the three bends with the clock, y pointing down.
     *
     * @param array{float, float} $p
     * @param array{float, float} $q
     * @param array{float, float} $r
     */
    private static function turn(array $p, array $q, array $r): float
    {
        return ($q[0] - $p[0]) * ($r[1] - $q[1]) - ($q[1] - $p[1]) * ($r[0] - $q[0]);
    }

    /**
     * @param array{float, float} $p
     * @param array{float, float} $q
     */
    private static function apart(array $p, array $q): float
    {
        return hypot($p[0] - $q[0], $p[1] - $q[1]);
    }
}
