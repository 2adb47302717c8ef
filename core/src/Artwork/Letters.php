<?php

declare(strict_types=1);

namespace Wubbin\Core\Artwork;

/**
 * How high the smallest letters of a picture are, on the word of a person that there are some.
 *
 * Letters are taken for parts of the ink that hang together, are neither as high as half of the picture nor flat nor
 * slender beyond what letters are, and of which there are several alike: dots, rules and drawings are not.
 */
final readonly class Letters
{
    /** Parts of fewer pixels are specks. */
    private const LEAST_PIXELS = 12;

    /** Width against height of a letter, from an l to a joined word (assumed). */
    private const SLENDER = 0.12;
    private const BROAD = 8.0;

    /** Fewer alike make no lettering. */
    private const LEAST_ALIKE = 3;

    /** Heights that differ by no more than this are alike: a letter with and without an ascender (assumed). */
    private const ALIKE = 1.6;

    /** The height of the smallest lettering as a share of the picture's width; null where nothing looks like any. */
    public static function smallest(Mask $ink): ?float
    {
        $heights = [];
        foreach (self::boxes($ink) as [$wide, $high]) {
            if ($high < $ink->height / 2.0 && $wide / $high >= self::SLENDER && $wide / $high <= self::BROAD) {
                $heights[] = $high;
            }
        }
        sort($heights);
        foreach ($heights as $i => $height) {
            $others = array_filter(
                array_slice($heights, $i),
                static fn(int $other): bool => $other <= self::ALIKE * $height,
            );
            if (count($others) >= self::LEAST_ALIKE) {
                return $height / $ink->width;
            }
        }

        return null;
    }

    /** @return list<array{int, int}> width and height of each part, in pixels */
    private static function boxes(Mask $ink): array
    {
        $boxes = [];
        foreach ($ink->parts() as $part) {
            if (count($part) >= self::LEAST_PIXELS) {
                $columns = array_map(static fn(int $pixel): int => $pixel % $ink->width, $part);
                $boxes[] = [
                    max($columns) - min($columns) + 1,
                    intdiv(max($part), $ink->width) - intdiv(min($part), $ink->width) + 1,
                ];
            }
        }

        return $boxes;
    }
}
