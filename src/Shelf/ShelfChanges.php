<?php

declare(strict_types=1);

namespace Wubbin\Shelf;

use Wubbin\Change\ChangeKind;
use Wubbin\Change\Undoable;
use Wubbin\Core\Job\Shelf;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Route\Catalogue;

/** Takes changes of the shelf back. */
final readonly class ShelfChanges implements Undoable
{
    public function __construct(private ShelfStore $shelf, private Catalogue $catalogue) {}

    public function kind(): ChangeKind
    {
        return ChangeKind::Shelf;
    }

    public function document(string $thing): array
    {
        return $this->shelf->get()->toRecord();
    }

    public function restore(string $thing, array $document): void
    {
        $this->shelf->put(Shelf::fromRecord(Record::of($document), $this->catalogue));
    }
}
