<?php

declare(strict_types=1);

namespace Wubbin\Storage;

/** What people type to find something, as the index of words takes it: every word, by how it begins. */
final readonly class Words
{
    private const MOST = 8;

    /**
     * @param string $kind of things that are looked for
     * @param bool $title they must stand in its title
     *
     * @return string|null null where there is no word in it
     */
    public static function query(string $typed, string $kind, bool $title = false): ?string
    {
        preg_match_all('/[\p{L}\p{M}\p{N}]+/u', $typed, $found);
        $words = array_slice($found[0], 0, self::MOST);

        return [] === $words
            ? null
            : sprintf(
                'kind : %s AND %s : (%s)',
                $kind,
                $title ? 'title' : '{title body}',
                implode(' AND ', array_map(static fn(string $word): string => '"' . $word . '"*', $words)),
            );
    }
}
