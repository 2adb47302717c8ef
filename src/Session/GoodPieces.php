<?php

declare(strict_types=1);

namespace Wubbin\Session;

use Doctrine\ORM\EntityManagerInterface;
use Wubbin\Core\Run\Outcome;

/** Counts what has come out of jobs so far. */
final readonly class GoodPieces
{
    public function __construct(private EntityManagerInterface $entities) {}

    /** @return array<string, int> good pieces by job */
    public function goodByJob(): array
    {
        /** @var list<array{job: string, good: int}> $rows */
        $rows = $this->entities
            ->createQuery(
                'SELECT r.job AS job, COUNT(p.id) AS good FROM ' .
                    StoredPiece::class .
                    ' p JOIN p.run r WHERE p.outcome = :good GROUP BY r.job',
            )
            ->setParameter('good', Outcome::Good)
            ->getArrayResult();

        return array_column($rows, 'good', 'job');
    }
}
