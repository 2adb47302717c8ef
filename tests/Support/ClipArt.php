<?php

declare(strict_types=1);

namespace Wubbin\Tests\Support;

use Wubbin\Core\Tests\Slice;

/**
 * Drawings that nobody made for these tests: the clip art of the Debian package openclipart-svg, thousands of files by
 * hundreds of people, of all programs and years.
 */
final readonly class ClipArt
{
    private const PLACE = '/usr/share/openclipart/svg';

    /** @return list<string> all of them, in the same order everywhere */
    public static function all(): array
    {
        $found = [];
        foreach (
            new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator(self::PLACE, \FilesystemIterator::SKIP_DOTS))
            as $file
        ) {
            if ($file instanceof \SplFileInfo && 'svg' === $file->getExtension()) {
                $found[] = $file->getPathname();
            }
        }
        sort($found);

        return $found;
    }

    /** @return list<string> so many of them, the same for the same seed */
    public static function some(int $many, int $seed): array
    {
        $all = self::all();
        $random = new \Random\Randomizer(new \Random\Engine\Mt19937($seed));

        return array_slice($random->shuffleArray($all), 0, $many);
    }

    /** How many a long test takes: all that were asked for where everything is tested, and a few where it is not. */
    public static function many(int $few, int $inFull): int
    {
        return Slice::isWhole() ? $inFull : $few;
    }
}
