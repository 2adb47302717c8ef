<?php

declare(strict_types=1);

namespace Wubbin\Order;

use Doctrine\DBAL\Connection;
use Wubbin\Storage\Words;

/** Which orders a list shows, in which order, without reading them. */
final readonly class OrderSearch
{
    public function __construct(private Connection $connection) {}

    /** @return list<string> ids: those that pieces are left to hand over of in front, the soonest due first */
    public function ids(string $words, OrdersWanted $wanted, int $after, string $today): array
    {
        $query = Words::query($words, 'order');
        $found =
            null === $query
                ? ''
                : 'AND o.id IN (SELECT f.id FROM word CROSS JOIN word_of f ON f.number = word.rowid ' .
                    'WHERE word MATCH :words)';
        $sql = <<<SQL
        SELECT o.id FROM shop_order o
        LEFT JOIN (
            SELECT h.shop_order AS of, SUM(p.value) AS handed FROM handover h, json_each(h.pieces) p
            GROUP BY h.shop_order
        ) h ON h.of = o.id
        LEFT JOIN (SELECT p.shop_order AS of, SUM(p.amount) AS paid FROM payment p GROUP BY p.shop_order) m
        ON m.of = o.id
        LEFT JOIN (
            SELECT w.id, SUM(j.quantity) AS pieces FROM shop_order w, json_each(w.jobs) l
            JOIN job j ON j.id = l.value GROUP BY w.id
        ) q ON q.id = o.id
        WHERE o.archived = :archived AND o.id NOT IN (SELECT id FROM removed WHERE kind = 'order')
        AND {$wanted->where()} {$found}
        ORDER BY COALESCE(h.handed, 0) >= COALESCE(q.pieces, 0) AND q.pieces > 0, COALESCE(o.due, '9999'),
        o.created DESC LIMIT :most OFFSET :after
        SQL;
        /** @var list<string> $ids */
        $ids = $this->connection
            ->executeQuery(
                $sql,
                [
                    'archived' => OrdersWanted::Archived === $wanted ? 1 : 0,
                    'most' => OrderBook::A_PAGE,
                    'after' => max(0, $after),
                ] +
                    (null === $query ? [] : ['words' => $query]) +
                    (OrdersWanted::Late === $wanted ? ['today' => $today] : []),
            )
            ->fetchFirstColumn();

        return $ids;
    }
}
