<?php

declare(strict_types=1);

namespace Wubbin\Order;

use Wubbin\Change\ChangeKind;
use Wubbin\Change\Undoable;

/** Takes changes of orders back, with the days and the standing of their jobs. */
final readonly class OrderChanges implements Undoable
{
    public function __construct(private OrderBook $orders) {}

    public function kind(): ChangeKind
    {
        return ChangeKind::Order;
    }

    public function document(string $thing): array
    {
        return $this->orders->find($thing)->head()->toDocument();
    }

    public function restore(string $thing, array $document): void
    {
        $order = $this->orders->find($thing);
        $this->orders->set($order, OrderHead::fromDocument($document, $order->head()));
    }
}
