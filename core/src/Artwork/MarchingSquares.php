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
     * @param string $field a byte a point, row by row, wide enough that the level is not crossed at its edge
     *
     * @return list<non-empty-list<array{float, float}>> loops of x and y in points, 0 in the middle of the first one
     */
    public static function loops(string $field, int $width, int $level): array
    {
        $codes = self::codes($field, $width, $level);
        $next = [];
        // Nearly all cells lie wholly on one side, and are passed over at once.
        for (
            $i = strspn($codes, "\0\x0f"), $end = strlen($codes);
            $i < $end;
            $i += 1 + strspn($codes, "\0\x0f", $i + 1)
        ) {
            $case = ord($codes[$i]);
            $segments = isset(self::SADDLES[$case])
                ? self::SADDLES[$case][self::sum($field, $width, $i) < 4 * $level ? 0 : 1]
                : self::SEGMENTS[$case];
            foreach ($segments as [$from, $to]) {
                $next[self::side($i, $width, $from)] = self::side($i, $width, $to);
            }
        }
        $loops = [];
        $left = $next;
        foreach (array_keys($next) as $first) {
            $loop = [];
            for ($at = $first; isset($left[$at]); $at = $then) {
                $then = $left[$at];
                unset($left[$at]);
                $loop[] = self::crossing($field, $width, $level, $at);
            }
            if ([] !== $loop) {
                $loops[] = $loop;
            }
        }

        return $loops;
    }

    /** Which corners of each cell lie below the level, by the point at its top left. */
    private static function codes(string $field, int $width, int $level): string
    {
        $below = strtr(Bytes::atLeast($field, $level), "\0\1", "\1\0");
        $right = substr($below, 1) . "\0";
        $row = str_repeat("\0", $width);

        return $below |
            strtr($right, "\1", "\2") |
            strtr(substr($right, $width) . $row, "\1", "\4") |
            strtr(substr($below, $width) . $row, "\1", "\x08");
    }

    private static function sum(string $field, int $width, int $i): int
    {
        return ord($field[$i]) + ord($field[$i + 1]) + ord($field[$i + $width]) + ord($field[$i + $width + 1]);
    }

    /** A side of a cell as a number of its own: twice the point it begins at, and one more where it goes down. */
    private static function side(int $cell, int $width, int $side): int
    {
        return match ($side) {
            0 => 2 * $cell,
            1 => 2 * ($cell + 1) + 1,
            2 => 2 * ($cell + $width),
            default => 2 * $cell + 1,
        };
    }

    /** @return array{float, float} */
    private static function crossing(string $field, int $width, int $level, int $side): array
    {
        $point = $side >> 1;
        $down = 1 === ($side & 1);
        [$one, $two] = [ord($field[$point]), ord($field[$point + ($down ? $width : 1)])];
        // One of the two lies below the level and the other does not, so they differ.
        $share = ($level - $one) / ($two - $one);
        [$x, $y] = [(float) ($point % $width), (float) intdiv($point, $width)];

        return $down ? [$x, $y + $share] : [$x + $share, $y];
    }
}
