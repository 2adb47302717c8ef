<?php

declare(strict_types=1);

namespace Wubbin\Archive;

use Doctrine\DBAL\ArrayParameterType;
use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Clock\ClockInterface;
use Wubbin\Core\Work\PrintState;

/** Which pages of sheets were sent to a printer, and how they came out. */
final readonly class PrintLog
{
    public function __construct(
        private EntityManagerInterface $entities,
        private Connection $connection,
        private ClockInterface $clock,
    ) {}

    /**
     * Pages that were sent, one row for each time.
     *
     * @param list<int> $pages numbers, from 1
     * @param bool $good they are known to be good: a person printed them elsewhere and says so
     */
    public function sent(PrintedSheet $sheet, array $pages, string $device, bool $good = false): void
    {
        foreach ($pages as $page) {
            $out = new PrintOut($sheet->paper(), $page, $device, $this->clock->now());
            if ($good) {
                $out->judge(true, $this->clock->now());
            }
            $this->entities->persist($out);
        }
        $this->entities->flush();
    }

    /**
     * Says how the pages of a sheet came out that nobody has looked at yet, and takes back what was said before of
     * those that turn out spoiled later.
     *
     * @param list<int> $spoiled
     *
     * @return list<PrintOut> those that are spoiled now and were not before
     */
    public function judge(PrintedSheet $sheet, array $spoiled): array
    {
        $found = [];
        foreach ($this->latest($sheet->paper()) as $page => $out) {
            $bad = in_array($page, $spoiled, true);
            if ($bad && false !== $out->good) {
                $found[] = $out;
            }
            if ($bad || null === $out->good) {
                $out->judge(!$bad, $this->clock->now());
            }
        }
        $this->entities->flush();

        return $found;
    }

    /** @return array<int, PrintOut> by page: the last time that it was printed */
    private function latest(string $paper): array
    {
        $latest = [];
        foreach (
            $this->entities->getRepository(PrintOut::class)->findBy(['sheet' => $paper], ['number' => 'ASC'])
            as $out
        ) {
            $latest[$out->page] = $out;
        }

        return $latest;
    }

    /**
     * How far the sheets of some jobs are, of those that any page was printed of, and those that jobs share.
     *
     * @param list<string> $jobs
     *
     * @return array<string, list<PrintState>> by job, the oldest first
     */
    public function of(array $jobs): array
    {
        $rows = $this->connection
            ->executeQuery(
                'SELECT s.id, s.job, s.plan, s.at, s.makes, s.share, json_array_length(s.pages) AS pages, p.page, ' .
                    'p.good, p.at AS out FROM printed_sheet s LEFT JOIN print_out p ON p.sheet = ' .
                    'COALESCE(s.together, s.id) WHERE s.job IN (?) AND (p.number IS NOT NULL OR s.together IS NOT ' .
                    'NULL) ORDER BY s.at, s.id, p.number',
                [$jobs],
                [ArrayParameterType::STRING],
            )
            ->fetchAllAssociative();
        $states = [];
        foreach ($rows as $row) {
            [$job, $id] = [self::text($row['job']), self::text($row['id'])];
            $states[$job][$id] ??= PrintState::ofSheet(
                $id,
                self::text($row['plan']),
                self::text($row['at']),
                null === $row['makes'] ? null : (int) self::text($row['makes']),
                null === $row['share'] ? null : (int) self::text($row['share']),
                (int) self::text($row['pages']),
            );
            if (null !== $row['page']) {
                $states[$job][$id] = $states[$job][$id]->and(
                    (int) self::text($row['page']),
                    null === $row['good'] ? null : '1' === self::text($row['good']),
                    self::text($row['out']),
                );
            }
        }

        return array_map(array_values(...), $states);
    }

    /** @return array<string, array{string, string, list<int>}> device, when, and unseen pages, by sheet */
    public function unseen(): array
    {
        $unseen = [];
        foreach (
            $this->entities->getRepository(PrintOut::class)->findBy(['good' => null], ['number' => 'ASC'])
            as $out
        ) {
            $unseen[$out->sheet] = [$out->device, $out->at, [...$unseen[$out->sheet][2] ?? [], $out->page]];
        }

        return $unseen;
    }

    private static function text(mixed $value): string
    {
        return is_scalar($value) ? (string) $value : '';
    }
}
