<?php

declare(strict_types=1);

namespace Wubbin\Core\Artwork;

/** How alike a picture is to itself turned upside down: the likelier, the easier it is put on the wrong way up. */
final readonly class UpsideDown
{
    private const CELLS = 32;

    /** From here on people put it on upside down without noticing (assumed). */
    public const ALIKE = 0.75;

    /**
     * 1 for a picture that is the same either way up, 0 for one as unlike as its parts are among themselves.
     *
     * Cell by cell in CIE L*a*b*: the difference between a cell and the one that comes in its place, against that
     * between cells anywhere.
     */
    public static function likeness(Bitmap $bitmap, LabPlanes $lab): float
    {
        $cells = self::cells($bitmap, $lab);
        $last = count($cells) - 1;
        $turned = $any = 0.0;
        foreach ($cells as $i => $cell) {
            $turned += self::apart($cell, $cells[$last - $i]);
            // Steps that share no divisor with the count come upon every cell once.
            $any += self::apart($cell, $cells[($i * 397 + 131) % ($last + 1)]);
        }

        return 0.0 === $any ? 1.0 : max(0.0, 1.0 - $turned / $any);
    }

    /** @return non-empty-list<array{float, float, float}> means of the parts of an even grid */
    private static function cells(Bitmap $bitmap, LabPlanes $lab): array
    {
        [$w, $h] = [min(self::CELLS, $bitmap->width), min(self::CELLS, $bitmap->height)];
        $cells = array_fill(0, $w * $h, [0.0, 0.0, 0.0, 0]);
        $i = 0;
        for ($y = 0; $y < $bitmap->height; ++$y) {
            $row = intdiv((2 * $y + 1) * $h, 2 * $bitmap->height) * $w;
            for ($x = 0; $x < $bitmap->width; ++$x, ++$i) {
                $cell = &$cells[$row + intdiv((2 * $x + 1) * $w, 2 * $bitmap->width)];
                $cell[0] += $lab->l[$i];
                $cell[1] += $lab->a[$i];
                $cell[2] += $lab->b[$i];
                ++$cell[3];
                unset($cell);
            }
        }

        return array_map(
            static fn(array $c): array => [$c[0] / max(1, $c[3]), $c[1] / max(1, $c[3]), $c[2] / max(1, $c[3])],
            $cells,
        );
    }

    /**
     * @param array{float, float, float} $one
     * @param array{float, float, float} $other
     */
    private static function apart(array $one, array $other): float
    {
        return sqrt(($one[0] - $other[0]) ** 2 + ($one[1] - $other[1]) ** 2 + ($one[2] - $other[2]) ** 2);
    }
}
