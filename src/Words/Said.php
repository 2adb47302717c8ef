<?php

declare(strict_types=1);

namespace Wubbin\Words;

/** Words that people can read, and where they stand. */
final readonly class Said
{
    /**
     * @param string $where file and line, or file and entry
     * @param string $text with … for what is filled in
     */
    public function __construct(public string $where, public string $text) {}

    /** @return list<string> its sentences; a label without an end counts as one */
    public function sentences(): array
    {
        $parts = preg_split('/(?<=[.!?])\s+(?=[\p{Lu}“…])/u', $this->text);

        return array_values(
            array_filter(
                array_map(trim(...), false === $parts ? [] : $parts),
                static fn(string $one): bool => 1 === preg_match('/\p{L}/u', $one),
            ),
        );
    }

    /** @return list<string> the words of a text, as they are written; no figures, and nothing that is only capitals */
    public static function words(string $text): array
    {
        preg_match_all('~(?<![\p{L}\d/])\p{L}[\p{L}’-]*(?![\p{L}\d/])~u', $text, $found);

        return array_values(
            array_filter(
                array_map(static fn(string $word): string => rtrim($word, '’-'), $found[0]),
                static fn(string $word): bool => 1 !== preg_match('/^\p{Lu}{2,}s?$/u', $word),
            ),
        );
    }
}
