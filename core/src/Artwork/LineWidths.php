<?php

declare(strict_types=1);

namespace Wubbin\Core\Artwork;

/**
 * How wide the lines of a drawing are: for each pixel the shortest way across what it is part of, along the row, the
 * column and both diagonals, weighed by how much each pixel on it stands out; so lines finer than a pixel are told too.
 *
 * A way across at the worst of angles is by 1 / cos 22.5° too long, 8 in 100. What narrows to a corner is no line: it
 * has to be several times as long as it is wide.
 */
final readonly class LineWidths
{
    /** What stands out by less of the most is no line but a shade beside one (assumed). */
    private const SEEN = 0.15;

    /** Beside a line the picture stands out by less than this share of what the line does (assumed). */
    private const FADES = 0.7;

    /** In so many pixels a line shows at least once how much it stands out itself. */
    private const RESOLVED = 3;

    /** From here on a line that is nowhere wholly on a pixel would be a rare one, in pixels (assumed). */
    private const ON_A_PIXEL = 1.3;

    /** A line has at least this many times the area of a square as wide as it, and so many pixels (assumed). */
    private const SQUARES = 4.0;
    private const LEAST_PIXELS = 6;

    /** Where a line is narrower than this share of what most of it is, it ends or turns (assumed). */
    private const NARROWS_TO = 0.8;

    /** Pixels of one line differ by no more than this from their neighbours. */
    private const ALIKE = 1.5;

    /**
     * @param array<int, float> $widths by pixel, in pixels; of those that are part of a line
     * @param int $seen pixels of lines and of all else
     */
    private function __construct(public array $widths, public int $seen) {}

    /** @param float $thick what is wider than this is no line, in pixels */
    public static function of(InkPlane $ink, float $thick): self
    {
        $most = $ink->most();
        $least = max(1, (int) round(self::SEEN * $most));
        // A column of nothing keeps the ways across from going on in the next row.
        $wide = $ink->width + 1;
        $flat = implode("\0", str_split($ink->bytes, $ink->width)) . "\0";
        $widths = [];
        foreach ([[1, 1.0], [$wide, 1.0], [$wide + 1, \M_SQRT2], [$wide - 1, \M_SQRT2]] as [$step, $unit]) {
            self::across($flat, $step, $unit, $least, $most, $thick, $widths);
        }
        $seen = 0;
        foreach (count_chars($ink->bytes, 1) as $byte => $count) {
            $seen += $byte >= $least ? $count : 0;
        }

        return new self(self::ofLines($widths, $flat, $wide, $most), $seen);
    }

    /**
     * Ways across by one step, those longer than a line is wide left out.
     *
     * @param array<int, float> $widths by pixel of the flat picture, made smaller where this way is shorter
     */
    private static function across(
        string $flat,
        int $step,
        float $unit,
        int $least,
        int $most,
        float $thick,
        array &$widths,
    ): void {
        // A row of nothing at the end, so that a way across does not go on in the next column.
        $rows = intdiv(strlen($flat) + $step - 1, $step) + 1;
        $lined = 1 === $step ? $flat : self::turned($flat, $step, $rows);
        $seen = Bytes::atLeast($lined, $least);
        $longest = (int) floor($thick / $unit);
        for ($from = strcspn($seen, "\1"), $end = strlen($seen); $from < $end; $from += strcspn($seen, "\1", $from)) {
            $run = strspn($seen, "\1", $from);
            // What lies on either side is its soft edge; where that stands out nearly as much, it only fades.
            [$before, $after] = [ord($lined[max(0, $from - 1)]), ord($lined[min($end - 1, $from + $run)])];
            $top = $run <= $longest ? max(0, ...array_keys(count_chars(substr($lined, $from, $run), 1))) : 0;
            if (max($before, $after) < self::FADES * $top) {
                $sum = $before + $after;
                for ($p = $from; $p < $from + $run; ++$p) {
                    $sum += ord($lined[$p]);
                }
                $width = ($unit * $sum) / ($run >= self::RESOLVED ? $top : $most);
                $i = 1 === $step ? $from : intdiv($from, $rows) + ($from % $rows) * $step;
                for ($p = 0; $p < $run; ++$p, $i += $step) {
                    if (($widths[$i] ?? \INF) > $width) {
                        $widths[$i] = $width;
                    }
                }
            }
            $from += $run;
        }
    }

    /** Column after column of a picture so many pixels wide. */
    private static function turned(string $flat, int $width, int $rows): string
    {
        $flat = str_pad($flat, $rows * $width, "\0");
        $turned = '';
        for ($x = 0, $size = strlen($flat); $x < $width; ++$x) {
            for ($i = $x; $i < $size; $i += $width) {
                $turned .= $flat[$i];
            }
        }

        return $turned;
    }

    /**
     * Without what is no longer than corners are.
     *
     * @param array<int, float> $widths by pixel of the flat picture
     *
     * @return array<int, float> by pixel of the picture
     */
    private static function ofLines(array $widths, string $flat, int $wide, int $most): array
    {
        $lines = [];
        $around = [-$wide - 1, -$wide, 1 - $wide, -1, 1, $wide - 1, $wide, $wide + 1];
        $left = $widths;
        foreach (array_keys($widths) as $first) {
            if (!isset($left[$first])) {
                continue;
            }
            unset($left[$first]);
            $part = [$first];
            $sum = 0.0;
            $top = 1;
            for ($k = 0; $k < count($part); ++$k) {
                $width = $widths[$part[$k]];
                $sum += $width;
                $top = max($top, ord($flat[$part[$k]]));
                foreach ($around as $off) {
                    $j = $part[$k] + $off;
                    if (isset($left[$j]) && $left[$j] <= self::ALIKE * $width && $width <= self::ALIKE * $left[$j]) {
                        unset($left[$j]);
                        $part[] = $j;
                    }
                }
            }
            $pixels = count($part);
            $mean = $sum / $pixels;
            if ($pixels < self::LEAST_PIXELS || $pixels < self::SQUARES * $mean ** 2) {
                continue;
            }
            // Too fine to show how dark it is, it was taken for as dark as any. A pale one is as much wider.
            $paler = $mean < self::RESOLVED && ($mean * $most) / $top >= self::ON_A_PIXEL ? $most / $top : 1.0;
            // Towards its corners and ends a line narrows: there it is no finer than it is.
            $own = array_intersect_key($widths, array_flip($part));
            sort($own);
            $least = self::NARROWS_TO * $own[intdiv($pixels, 2)];
            foreach ($part as $i) {
                $lines[intdiv($i, $wide) * ($wide - 1) + ($i % $wide)] = $paler * max($least, $widths[$i]);
            }
        }

        return $lines;
    }
}
