<?php

declare(strict_types=1);

namespace Wubbin\Run;

use Doctrine\ORM\EntityManagerInterface;
use Wubbin\Core\Run\Outcome;

/** Counts what has come out of jobs so far. */
final readonly class Progress
{
    public function __construct(private EntityManagerInterface $entities)
    {
    }

    /** @return array<string, array{good: int, started: int}> pieces judged, and of them good at the first try, by route */
    public function firstTriesByRoute(): array
    {
        /** @var list<array{route: ?string, good: int, started: int}> $rows */
        $rows = $this->entities->getConnection()->fetchAllAssociative(
            "SELECT json_extract(t.value, '$.route') AS route, SUM(p.outcome = 'good') AS good, COUNT(p.outcome) AS started
             FROM piece p JOIN run r ON r.id = p.run_id, json_each(r.document, '$.transfers') t WHERE p.outcome IS NOT NULL GROUP BY 1",
        );
        $tries = [];
        foreach ($rows as $row) {
            $tries[$row['route'] ?? ''] = ['good' => $row['good'], 'started' => $row['started']];
        }

        return $tries;
    }

    /** @return array<string, int> good pieces by job */
    public function goodByJob(): array
    {
        /** @var list<array{job: string, good: int}> $rows */
        $rows = $this->entities->createQuery('SELECT r.job AS job, COUNT(p.id) AS good FROM '.StoredPiece::class.' p JOIN p.run r WHERE p.outcome = :good GROUP BY r.job')
            ->setParameter('good', Outcome::Good)
            ->getArrayResult();

        return array_column($rows, 'good', 'job');
    }
}
