<?php

declare(strict_types=1);

namespace Wubbin\Stock;

use Wubbin\Change\ChangeKind;
use Wubbin\Change\Undoable;
use Wubbin\Core\Measure\Record;

/** Strikes movements of stock out again, and puts a pack's size back. */
final readonly class StockChanges implements Undoable
{
    public function __construct(private Inventory $stock) {}

    public function kind(): ChangeKind
    {
        return ChangeKind::Stock;
    }

    public function document(string $thing): array
    {
        return $this->stock->written($thing);
    }

    public function restore(string $thing, array $document): void
    {
        $this->stock->rewrite($thing, Record::of($document));
    }
}
