<?php

declare(strict_types=1);

namespace Wubbin\Keep;

/**
 * Which backups are kept: the newest of each of the last seven days, of the last four weeks and of the last twelve
 * months in which there was one. (A common rule; no source.).
 */
final class KeepRule
{
    /** How many of each, and what two of the same have in common. */
    private const KEPT = ['Y-m-d' => 7, 'o-W' => 4, 'Y-m' => 12];

    /**
     * @template K of array-key
     *
     * @param array<K, \DateTimeImmutable> $made when each was made
     *
     * @return list<K> those that may go
     */
    public static function toGo(array $made): array
    {
        arsort($made);
        $kept = [];
        foreach (self::KEPT as $same => $many) {
            $of = [];
            foreach ($made as $name => $at) {
                $of[$at->format($same)] ??= $name;
            }
            $kept += array_fill_keys(array_slice($of, 0, $many), true);
        }

        return array_keys(array_diff_key($made, $kept));
    }
}
