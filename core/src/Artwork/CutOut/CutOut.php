<?php

declare(strict_types=1);

namespace Wubbin\Core\Artwork\CutOut;

use Wubbin\Core\Artwork\Mask;

/**
 * The thing in a photograph, told from what is round it by its colours, its edges and a few strokes of a person:
 * grab-cut (Rother, Kolmogorov and Blake, 2004) on patches instead of pixels.
 */
final readonly class CutOut
{
    private const ROUNDS = 4;

    /** What it costs to cut along a pixel of even colour, against what a pixel in the wrong colours costs (assumed). */
    private const EDGE = 12.0;

    /** More than all else: what a person has said is so. */
    private const SAID = 1e9;

    /**
     * @param list<Stroke> $strokes at least one of them to be kept
     *
     * @return Mask what is kept
     */
    public static function of(Superpixels $patches, array $strokes): Mask
    {
        $said = self::said($patches, $strokes);
        $links = self::links($patches);
        // At first only what a person has said is known.
        $kept = $said;
        for ($round = 0; $round < self::ROUNDS; ++$round) {
            $kept = self::cut($patches, $said, $kept, $links);
        }

        return self::joined($patches, $kept, $said);
    }

    /**
     * What a person said of each patch; where nobody drew anything to take away, the frame of the picture is.
     *
     * @param list<Stroke> $strokes
     *
     * @return list<bool|null>
     */
    private static function said(Superpixels $patches, array $strokes): array
    {
        $said = array_fill(0, count($patches->patches), null);
        $remove = false;
        foreach ($strokes as $stroke) {
            foreach ($stroke->pixels($patches->width, $patches->height) as $i) {
                $said[$patches->of[$i]] = $stroke->keep;
            }
            $remove = $remove || !$stroke->keep;
        }
        if (!$remove) {
            foreach ([0, $patches->height - 1] as $y) {
                for ($x = 0; $x < $patches->width; ++$x) {
                    $said[$patches->of[$y * $patches->width + $x]] ??= false;
                }
            }
            for ($i = 0; $i < count($patches->of); $i += $patches->width) {
                $said[$patches->of[$i]] ??= false;
                $said[$patches->of[$i + $patches->width - 1]] ??= false;
            }
        }

        return array_values($said);
    }

    /** @return list<array{int, int, float}> pairs of neighbours, and what it costs to part them */
    private static function links(Superpixels $patches): array
    {
        $sum = 0.0;
        $length = 0;
        foreach ($patches->borders as $others) {
            foreach ($others as [$pixels, $squares]) {
                $sum += $squares;
                $length += $pixels;
            }
        }
        $mean = max(1e-6, $sum / max(1, $length));
        $links = [];
        foreach ($patches->borders as $one => $others) {
            foreach ($others as $two => [$pixels, $squares]) {
                $links[] = [$one, $two, self::EDGE * $pixels * (0.02 + exp(-$squares / $pixels / (2.0 * $mean)))];
            }
        }

        return $links;
    }

    /**
     * @param list<bool|null> $said
     * @param list<bool|null> $kept before; null where nothing is known
     * @param list<array{int, int, float}> $links
     *
     * @return list<bool|null>
     */
    private static function cut(Superpixels $patches, array $said, array $kept, array $links): array
    {
        $in = $out = [];
        foreach ($patches->patches as $k => $patch) {
            if ($patch[3] > 0 && null !== $kept[$k]) {
                $kept[$k] ? ($in[] = $patch) : ($out[] = $patch);
            }
        }
        if ([] === $in || [] === $out) {
            return $kept;
        }
        [$thing, $rest] = [ColourModel::of($in), ColourModel::of($out)];
        $graph = new MinimumCut(count($patches->patches));
        foreach ($patches->patches as $k => $patch) {
            match ($said[$k]) {
                true => $graph->terminal($k, self::SAID, 0.0),
                false => $graph->terminal($k, 0.0, self::SAID),
                null => $graph->terminal(
                    $k,
                    $patch[3] * $rest->surprise($patch),
                    $patch[3] * $thing->surprise($patch),
                ),
            };
        }
        foreach ($links as [$one, $two, $cost]) {
            $graph->link($one, $two, $cost);
        }

        return $graph->sourceSide();
    }

    /**
     * What hangs together with a stroke that is kept, and no holes in it that nobody made: scissors cut none.
     *
     * @param list<bool|null> $kept
     * @param list<bool|null> $said
     */
    private static function joined(Superpixels $patches, array $kept, array $said): Mask
    {
        $set = '';
        foreach ($patches->of as $k) {
            $set .= true === $kept[$k] ? "\1" : "\0";
        }
        $mask = Mask::fromBits($patches->width, $patches->height, $set);
        $thing = self::partsWith($mask, static fn(int $i): bool => true === $said[$patches->of[$i]]);
        [$w, $last] = [$patches->width, strlen($set) - 1];

        return self::partsWith(
            $thing->inverse(),
            static fn(int $i): bool => false === $said[$patches->of[$i]] ||
                $i < $w ||
                $i > $last - $w ||
                0 === $i % $w ||
                0 === ($i + 1) % $w,
        )->inverse();
    }

    /**
     * Those parts of a mask that have such a pixel.
     *
     * @param \Closure(int): bool $such
     */
    private static function partsWith(Mask $mask, \Closure $such): Mask
    {
        $set = str_repeat("\0", strlen($mask->set));
        foreach ($mask->parts() as $part) {
            foreach ($part as $i) {
                if ($such($i)) {
                    foreach ($part as $j) {
                        $set[$j] = "\1";
                    }
                    break;
                }
            }
        }

        return Mask::fromBits($mask->width, $mask->height, $set);
    }
}
