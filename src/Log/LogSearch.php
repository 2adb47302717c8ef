<?php

declare(strict_types=1);

namespace Wubbin\Log;

use Doctrine\DBAL\Query\QueryBuilder;
use Doctrine\ORM\EntityManagerInterface;
use Wubbin\Refusal\NotFound;
use Wubbin\Refusal\Refusal;
use Wubbin\Session\StoredEntry;
use Wubbin\Session\StoredLater;

/** Finds entries of the logbook. */
final readonly class LogSearch
{
    private const A_PAGE = 50;

    public function __construct(private EntityManagerInterface $entities) {}

    /** @param int $from how many of the latest are passed over */
    public function page(LogFilter $filter, int $from): LogPage
    {
        $query = $this->query($filter);
        /** @var int $total */
        $total = (clone $query)->select('COUNT(*)')->fetchOne();
        /** @var list<int> $ids */
        $ids = (clone $query)
            ->select('e.id')
            ->orderBy('e.at', 'DESC')
            ->addOrderBy('e.id', 'DESC')
            ->setFirstResult(max(0, $from))
            ->setMaxResults(self::A_PAGE)
            ->fetchFirstColumn();
        $entries = $this->entities
            ->getRepository(StoredEntry::class)
            ->findBy(['id' => $ids], ['at' => 'DESC', 'id' => 'DESC']);

        return new LogPage(array_map(LogEntry::of(...), $entries), $total, self::A_PAGE, $this->choices());
    }

    /** @return iterable<StoredEntry> the oldest first */
    public function each(LogFilter $filter): iterable
    {
        /** @var list<int> $ids */
        $ids = $this->query($filter)->select('e.id')->orderBy('e.at')->addOrderBy('e.id')->fetchFirstColumn();
        foreach (array_chunk($ids, 500) as $some) {
            yield from $this->entities
                ->getRepository(StoredEntry::class)
                ->findBy(['id' => $some], ['at' => 'ASC', 'id' => 'ASC']);
            $this->entities->clear();
        }
    }

    /** @throws Refusal when there is none */
    public function find(int $id): StoredEntry
    {
        return $this->entities->find(StoredEntry::class, $id) ??
            throw new NotFound('There is no such piece in the logbook.');
    }

    /** @return list<StoredLater> the oldest first */
    public function later(StoredEntry $entry): array
    {
        return $this->entities
            ->getRepository(StoredLater::class)
            ->findBy(['entry' => $entry], ['washes' => 'ASC', 'at' => 'ASC']);
    }

    private function query(LogFilter $filter): QueryBuilder
    {
        return $filter->narrow($this->entities->getConnection()->createQueryBuilder()->from('log_entry', 'e'));
    }

    /** @return array<string, list<string>> what there is to choose from, by column */
    private function choices(): array
    {
        $choices = [];
        foreach (LogFilter::COLUMNS as $column) {
            /** @var list<string> $values */
            $values = $this->entities
                ->getConnection()
                ->fetchFirstColumn(
                    'SELECT DISTINCT ' . $column . ' FROM log_entry WHERE ' . $column . " <> '' ORDER BY 1",
                );
            $choices[$column] = $values;
        }

        return $choices;
    }
}
