<?php

declare(strict_types=1);

namespace Wubbin\Artwork;

/**
 * A PNG without the parts that say nothing of how it looks: who made it, when, where and with what. What is kept is
 * kept byte for byte. Chunks by PNG (third edition), §11 (from memory): length, name, data, check sum.
 */
final class PngChunks
{
    private const HEAD = 8;
    private const AROUND = 12;

    /** What pixels and their colours need. */
    private const KEPT = [
        'IHDR',
        'PLTE',
        'IDAT',
        'IEND',
        'tRNS',
        'gAMA',
        'cHRM',
        'sRGB',
        'iCCP',
        'cICP',
        'sBIT',
        'bKGD',
        'hIST',
        'pHYs',
    ];

    /** @return list<string> names of all its chunks, as far as they can be read */
    public static function names(string $png): array
    {
        return array_column(self::walk($png), 0);
    }

    public static function withoutWords(string $png): string
    {
        $kept = substr($png, 0, self::HEAD);
        foreach (self::walk($png) as [$name, $at, $length]) {
            $kept .= in_array($name, self::KEPT, true) ? substr($png, $at, $length) : '';
        }

        return $kept;
    }

    public static function hasWords(string $png): bool
    {
        return [] !== array_diff(self::names($png), self::KEPT);
    }

    /** @return list<array{string, int, int}> name, where it begins, and how long it is in all */
    private static function walk(string $png): array
    {
        $chunks = [];
        for ($at = self::HEAD; $at + self::AROUND <= strlen($png); $at += $length) {
            $data = unpack('N', $png, $at);
            $length = self::AROUND + (false === $data || !is_int($data[1]) ? 0 : $data[1]);
            $chunks[] = [substr($png, $at + 4, 4), $at, $length];
        }

        return $chunks;
    }
}
