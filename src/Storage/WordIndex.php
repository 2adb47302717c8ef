<?php

declare(strict_types=1);

namespace Wubbin\Storage;

use Doctrine\DBAL\Connection;

/** Finds jobs, orders, quotes, recipes, pictures and pieces in the logbook by the words in them. */
final readonly class WordIndex
{
    private const KINDS = ['order', 'job', 'picture', 'recipe', 'quote', 'entry'];

    /** So many of each kind. */
    private const EACH = 8;

    /** In the order of the index’s own numbers, which it has at hand: the newest first. */
    private const FIND = <<<'SQL'
    SELECT o.kind, o.id, word.title, o.at FROM word CROSS JOIN word_of o ON o.number = word.rowid
    WHERE word MATCH :words AND NOT EXISTS (SELECT 1 FROM removed r WHERE r.id = o.id AND r.kind = o.kind)
    ORDER BY word.rowid DESC LIMIT :most
    SQL;

    public function __construct(private Connection $connection) {}

    /**
     * @return list<array{kind: string, id: string, title: string, at: string}> kind by kind, those whose title has the
     *                                                                          words in front; none where nothing was
     *                                                                          typed
     */
    public function find(string $typed): array
    {
        $found = [];
        foreach (self::KINDS as $kind) {
            $own = [];
            foreach ([true, false] as $title) {
                $query = Words::query($typed, $kind, $title);
                foreach (null === $query || count($own) >= self::EACH ? [] : $this->ask($query) as $row) {
                    $own[$row['id']] ??= $row;
                }
            }
            array_push($found, ...array_slice(array_values($own), 0, self::EACH));
        }

        return $found;
    }

    /** @return list<array{kind: string, id: string, title: string, at: string}> */
    private function ask(string $query): array
    {
        /** @var list<array{kind: string, id: string, title: string, at: string}> $rows */
        $rows = $this->connection
            ->executeQuery(self::FIND, ['words' => $query, 'most' => self::EACH])
            ->fetchAllAssociative();

        return $rows;
    }
}
