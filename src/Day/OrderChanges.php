<?php

declare(strict_types=1);

namespace Wubbin\Day;

use Wubbin\Change\ChangeKind;
use Wubbin\Change\Undoable;
use Wubbin\Core\Measure\Record;

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
        return $this->orders->find($thing)->head();
    }

    public function restore(string $thing, array $document): void
    {
        $record = Record::of($document);
        $this->orders->set(
            $this->orders->find($thing),
            $record->string('label'),
            $record->stringOrNull('due'),
            $record->string('note'),
            $record->boolean('archived'),
        );
    }
}
