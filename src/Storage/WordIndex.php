<?php

declare(strict_types=1);

namespace Wubbin\Storage;

use Doctrine\DBAL\Connection;

/** Finds jobs, orders, quotes, recipes, pictures and pieces in the logbook by the words in them. */
final readonly class WordIndex
{
    /** So many of each kind, the best first. */
    private const EACH = 8;

    private const FIND = <<<'SQL'
    SELECT kind, id, title, at FROM (
        SELECT o.kind, o.id, word.title, o.at,
            ROW_NUMBER() OVER (PARTITION BY o.kind ORDER BY bm25(word, 4.0, 1.0), o.at DESC) AS place
        FROM word JOIN word_of o ON o.number = word.rowid
        WHERE word MATCH :words AND NOT EXISTS (
            SELECT 1 FROM removed r WHERE r.id = o.id AND r.kind = o.kind
        )
    ) WHERE place <= :most ORDER BY kind, place
    SQL;

    public function __construct(private Connection $connection) {}

    /** @return list<array{kind: string, id: string, title: string, at: string}> none where nothing was typed */
    public function find(string $typed): array
    {
        $query = Words::query($typed);
        /** @var list<array{kind: string, id: string, title: string, at: string}> $found */
        $found =
            null === $query
                ? []
                : $this->connection
                    ->executeQuery(self::FIND, ['words' => $query, 'most' => self::EACH])
                    ->fetchAllAssociative();

        return $found;
    }
}
