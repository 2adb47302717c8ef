<?php

declare(strict_types=1);

namespace Wubbin\Session;

use Doctrine\DBAL\ArrayParameterType;
use Doctrine\DBAL\Connection;
use Wubbin\Core\Work\SessionCount;

/** Counts what became of the pieces of jobs, session by session, without reading the sessions themselves. */
final readonly class SessionCounts
{
    public function __construct(private Connection $connection) {}

    /**
     * @param list<string> $jobs
     *
     * @return array<string, list<SessionCount>> by job, the oldest session first
     */
    public function of(array $jobs): array
    {
        $rows = $this->connection
            ->executeQuery(
                'SELECT r.job, r.share, r.created, r.finished, COUNT(p.id) AS pieces, ' .
                    "COALESCE(SUM(p.outcome = 'good'), 0) AS good, " .
                    "COALESCE(SUM(p.outcome = 'spoiled'), 0) AS spoiled, " .
                    'COALESCE(SUM(p.outcome IS NULL), 0) AS open, ' .
                    'EXISTS (SELECT 1 FROM event e WHERE e.run_id = r.id AND e.press GLOB ?) AS ahead ' .
                    'FROM run r JOIN piece p ON p.run_id = r.id WHERE r.job IN (?) GROUP BY r.id ORDER BY r.created',
                [SessionCount::AHEAD . '*', $jobs],
                [1 => ArrayParameterType::STRING],
            )
            ->fetchAllAssociative();
        $counts = [];
        foreach ($rows as $row) {
            $counts[self::text($row['job'])][] = new SessionCount(
                null === $row['share'] ? null : self::number($row['share']),
                self::text($row['created']),
                null !== $row['finished'],
                self::number($row['pieces']),
                self::number($row['good']),
                self::number($row['spoiled']),
                self::number($row['open']),
                0 !== self::number($row['ahead']),
            );
        }

        return $counts;
    }

    private static function number(mixed $value): int
    {
        return is_numeric($value) ? (int) $value : 0;
    }

    private static function text(mixed $value): string
    {
        return is_scalar($value) ? (string) $value : '';
    }
}
