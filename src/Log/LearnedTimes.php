<?php

declare(strict_types=1);

namespace Wubbin\Log;

use Doctrine\DBAL\Connection;

/** How long hands really take for each kind of step: the medians of the latest, kept up as pieces are written down. */
final readonly class LearnedTimes
{
    /** With fewer pieces a plan goes on with what is usual. */
    public const ENOUGH = 5;

    private const LATEST = 60;

    /** What took so many times the plan was interrupted, and tells nothing. */
    private const INTERRUPTED = 8.0;

    public function __construct(private Connection $connection)
    {
    }

    /** @return array<string, array{seconds: float, planned: float, of: int}> by kind of step */
    public function all(): array
    {
        /** @var list<array{kind: string, seconds: float, planned: float, pieces: int}> $rows */
        $rows = $this->connection->fetchAllAssociative('SELECT kind, seconds, planned, pieces FROM log_time ORDER BY kind');

        return array_combine(array_column($rows, 'kind'), array_map(static fn (array $row): array => ['seconds' => $row['seconds'], 'planned' => $row['planned'], 'of' => $row['pieces']], $rows));
    }

    /** @return array<string, float> seconds, by kind of step, of those that enough is known of */
    public function known(): array
    {
        return array_map(static fn (array $one): float => $one['seconds'], array_filter($this->all(), static fn (array $one): bool => $one['of'] >= self::ENOUGH));
    }

    /** @param list<array{kind: string, planned: float, taken: float|null}> $hands steps that hands did and no clock ran for */
    public function learn(array $hands): void
    {
        foreach ($hands as $step) {
            if (null === $step['taken'] || $step['taken'] <= 0.0 || $step['taken'] > self::INTERRUPTED * $step['planned']) {
                continue;
            }
            /** @var list<string> $kept */
            $kept = $this->connection->fetchFirstColumn('SELECT latest FROM log_time WHERE kind = ?', [$step['kind']]);
            /** @var list<float|int> $latest */
            $latest = [] === $kept ? [] : json_decode($kept[0], true, 4, \JSON_THROW_ON_ERROR);
            $latest = array_slice([...$latest, $step['taken']], -self::LATEST);
            $sorted = $latest;
            sort($sorted);
            $middle = intdiv(count($sorted), 2);
            $median = 1 === count($sorted) % 2 ? $sorted[$middle] : ($sorted[$middle - 1] + $sorted[$middle]) / 2.0;
            $this->connection->executeStatement(
                'INSERT INTO log_time (kind, seconds, planned, pieces, latest) VALUES (:kind, :seconds, :planned, 1, :latest) ON CONFLICT (kind) DO UPDATE SET seconds = :seconds, planned = :planned, pieces = pieces + 1, latest = :latest',
                ['kind' => $step['kind'], 'seconds' => round($median, 1), 'planned' => $step['planned'], 'latest' => json_encode($latest, \JSON_THROW_ON_ERROR)],
            );
        }
    }
}
