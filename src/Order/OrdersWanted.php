<?php

declare(strict_types=1);

namespace Wubbin\Order;

/** Which orders a list shows. */
enum OrdersWanted: string
{
    case All = '';
    case Open = 'open';
    case Late = 'late';
    case Owing = 'owing';
    case Handed = 'handed';
    case Archived = 'archived';

    /** The condition, over an order with its pieces, those that were handed over, and what was paid. */
    public function where(): string
    {
        return match ($this) {
            self::All, self::Archived => '1 = 1',
            self::Open => 'COALESCE(h.handed, 0) < COALESCE(q.pieces, 1)',
            self::Late => 'o.due < :today AND COALESCE(h.handed, 0) < COALESCE(q.pieces, 1)',
            self::Owing => 'COALESCE(m.paid, 0) < o.agreed',
            self::Handed => 'q.pieces > 0 AND h.handed >= q.pieces',
        };
    }
}
