<?php

declare(strict_types=1);

namespace Wubbin\Core\Artwork\CutOut;

use Wubbin\Core\Artwork\LabPlanes;

/**
 * A picture in some thousand patches of about one colour each, whose edges follow its own: simple linear iterative
 * clustering (Achanta and others, 2012).
 */
final readonly class Superpixels
{
    private const ROUNDS = 5;

    /** What a step of one patch's width counts against colour, in CIE L*a*b*: as its authors have it. */
    private const COMPACT = 10.0;

    /**
     * A border is told by its two patches, the lesser first: how many pixels long it is, and the sum over them of how
     * far the colours differ across it, squared.
     *
     * @param int<1, max> $width
     * @param int<1, max> $height
     * @param list<int> $of which patch each pixel is of
     * @param list<array{float, float, float, int}> $patches mean colour, and how many pixels
     * @param array<int, array<int, array{int, float}>> $borders
     */
    private function __construct(
        public int $width,
        public int $height,
        public array $of,
        public array $patches,
        public array $borders,
    ) {}

    /**
     * @param int<1, max> $width
     * @param int<1, max> $height
     */
    public static function of(LabPlanes $lab, int $width, int $height, int $many): self
    {
        $step = max(2.0, sqrt(($width * $height) / $many));
        $centres = self::grid($lab, $width, $height, $step);
        $of = [];
        for ($round = 0; $round < self::ROUNDS; ++$round) {
            $of = self::assigned($lab, $width, $height, $centres, $step);
            $centres = self::moved($lab, $width, $of, $centres);
        }
        $patches = [];
        $counts = array_count_values($of);
        foreach ($centres as $k => [$l, $a, $b]) {
            $patches[] = [$l, $a, $b, $counts[$k] ?? 0];
        }

        return new self($width, $height, $of, $patches, self::bordersOf($lab, $width, $of));
    }

    /** @return list<array{float, float, float, float, float}> colour and place */
    private static function grid(LabPlanes $lab, int $width, int $height, float $step): array
    {
        $centres = [];
        for ($y = $step / 2.0; $y < $height; $y += $step) {
            for ($x = $step / 2.0; $x < $width; $x += $step) {
                $i = (int) $y * $width + (int) $x;
                $centres[] = [$lab->l[$i], $lab->a[$i], $lab->b[$i], $x, $y];
            }
        }

        return $centres;
    }

    /**
     * Each pixel to the centre that is nearest in colour and place.
     *
     * @param list<array{float, float, float, float, float}> $centres
     *
     * @return list<int>
     */
    private static function assigned(LabPlanes $lab, int $width, int $height, array $centres, float $step): array
    {
        $weight = (self::COMPACT / $step) ** 2;
        $least = array_fill(0, $width * $height, \INF);
        $of = array_fill(0, $width * $height, 0);
        [$ls, $as, $bs] = [$lab->l, $lab->a, $lab->b];
        foreach ($centres as $k => [$l, $a, $b, $cx, $cy]) {
            [$left, $right] = [max(0, (int) ($cx - $step)), min($width - 1, (int) ($cx + $step))];
            $bottom = min($height - 1, (int) ($cy + $step));
            for ($y = max(0, (int) ($cy - $step)); $y <= $bottom; ++$y) {
                $down = $weight * ($y - $cy) ** 2;
                for ($x = $left, $i = $y * $width + $left; $x <= $right; ++$x, ++$i) {
                    $dl = $ls[$i] - $l;
                    $da = $as[$i] - $a;
                    $db = $bs[$i] - $b;
                    $dx = $x - $cx;
                    $distance = $dl * $dl + $da * $da + $db * $db + $weight * $dx * $dx + $down;
                    if ($distance < $least[$i]) {
                        $least[$i] = $distance;
                        $of[$i] = $k;
                    }
                }
            }
        }

        return array_values($of);
    }

    /**
     * @param list<int> $of
     * @param list<array{float, float, float, float, float}> $centres
     *
     * @return list<array{float, float, float, float, float}>
     */
    private static function moved(LabPlanes $lab, int $width, array $of, array $centres): array
    {
        $n = count($centres);
        $l = $a = $b = $x = $y = array_fill(0, $n, 0.0);
        $count = array_fill(0, $n, 0);
        foreach ($of as $i => $k) {
            $l[$k] += $lab->l[$i];
            $a[$k] += $lab->a[$i];
            $b[$k] += $lab->b[$i];
            $x[$k] += $i % $width;
            $y[$k] += intdiv($i, $width);
            ++$count[$k];
        }
        $moved = [];
        foreach ($centres as $k => $centre) {
            $c = $count[$k];
            $moved[] = 0 === $c ? $centre : [$l[$k] / $c, $a[$k] / $c, $b[$k] / $c, $x[$k] / $c, $y[$k] / $c];
        }

        return $moved;
    }

    /**
     * @param list<int> $of
     *
     * @return array<int, array<int, array{int, float}>>
     */
    private static function bordersOf(LabPlanes $lab, int $width, array $of): array
    {
        $borders = [];
        for ($i = 0, $end = count($of); $i < $end; ++$i) {
            foreach ([$i % $width < $width - 1 ? $i + 1 : $end, $i + $width] as $j) {
                if ($j < $end && $of[$i] !== $of[$j]) {
                    [$one, $two] = $of[$i] < $of[$j] ? [$of[$i], $of[$j]] : [$of[$j], $of[$i]];
                    $apart =
                        ($lab->l[$i] - $lab->l[$j]) ** 2 +
                        ($lab->a[$i] - $lab->a[$j]) ** 2 +
                        ($lab->b[$i] - $lab->b[$j]) ** 2;
                    $border = $borders[$one][$two] ?? [0, 0.0];
                    $borders[$one][$two] = [$border[0] + 1, $border[1] + $apart];
                }
            }
        }

        return $borders;
    }
}
