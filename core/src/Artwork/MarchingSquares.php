<?php

declare(strict_types=1);

namespace Wubbin\Core\Artwork;

/**
 * The lines along which a field crosses a level, as closed loops: marching squares with linear interpolation, saddles
 * told by the mean of their corners (Lorensen and Cline, 1987, in two dimensions).
 */
final readonly class MarchingSquares
{
    /**
     * Where a segment enters and leaves a cell, by which of its corners lie below the level: 1 top left, 2 top right,
     * 4 bottom right, 8 bottom left. Sides: 0 top, 1 right, 2 bottom, 3 left. What lies below is on the left.
     */
    private const SEGMENTS = [
        [],
        [[0, 3]],
        [[1, 0]],
        [[1, 3]],
        [[2, 1]],
        [],
        [[2, 0]],
        [[2, 3]],
        [[3, 2]],
        [[0, 2]],
        [],
        [[1, 2]],
        [[3, 1]],
        [[0, 1]],
        [[3, 0]],
        [],
    ];

    /** The two saddles: corners that lie below are joined through the middle, or kept apart. */
    private const SADDLES = [5 => [[[2, 3], [0, 1]], [[0, 3], [2, 1]]], 10 => [[[1, 2], [3, 0]], [[1, 0], [3, 2]]]];

    /**
     * @param list<float> $field row by row, wide enough that the level is not crossed at its edge
     *
     * @return list<non-empty-list<array{float, float}>> loops of x and y in pixels, 0 in the middle of the first one
     */
    public static function loops(array $field, int $width, float $level): array
    {
        $next = [];
        for ($i = 0, $end = count($field) - $width - 1; $i < $end; ++$i) {
            if ($i % $width === $width - 1) {
                continue;
            }
            [$a, $b, $c, $d] = [$field[$i], $field[$i + 1], $field[$i + $width + 1], $field[$i + $width]];
            $case = ($a < $level ? 1 : 0) | ($b < $level ? 2 : 0) | ($c < $level ? 4 : 0) | ($d < $level ? 8 : 0);
            $segments = isset(self::SADDLES[$case])
                ? self::SADDLES[$case][($a + $b + $c + $d) / 4.0 < $level ? 0 : 1]
                : self::SEGMENTS[$case];
            foreach ($segments as [$from, $to]) {
                $next[self::side($i, $width, $from)] = self::side($i, $width, $to);
            }
        }
        $loops = [];
        while (null !== ($first = array_key_first($next))) {
            $loop = [];
            for ($at = $first; isset($next[$at]); $at = $then) {
                $then = $next[$at];
                unset($next[$at]);
                $loop[] = self::crossing($field, $width, $level, $at);
            }
            $loops[] = $loop;
        }

        return array_values(array_filter($loops, static fn(array $loop): bool => [] !== $loop));
    }

    /** A side of a cell as a number of its own: twice the pixel it begins at, and one more where it goes down. */
    private static function side(int $cell, int $width, int $side): int
    {
        return match ($side) {
            0 => 2 * $cell,
            1 => 2 * ($cell + 1) + 1,
            2 => 2 * ($cell + $width),
            default => 2 * $cell + 1,
        };
    }

    /**
     * @param list<float> $field
     *
     * @return array{float, float}
     */
    private static function crossing(array $field, int $width, float $level, int $side): array
    {
        $pixel = $side >> 1;
        $down = 1 === ($side & 1);
        [$one, $two] = [$field[$pixel], $field[$pixel + ($down ? $width : 1)]];
        $share = $one === $two ? 0.5 : ($level - $one) / ($two - $one);
        [$x, $y] = [(float) ($pixel % $width), (float) intdiv($pixel, $width)];

        return $down ? [$x, $y + $share] : [$x + $share, $y];
    }
}
