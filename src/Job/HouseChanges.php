<?php

declare(strict_types=1);

namespace Wubbin\Job;

use Wubbin\Change\ChangeKind;
use Wubbin\Change\Undoable;
use Wubbin\Core\Job\House;
use Wubbin\Core\Measure\Record;

/** Takes changes of the house's rules back. */
final readonly class HouseChanges implements Undoable
{
    public function __construct(private HouseStore $houses) {}

    public function kind(): ChangeKind
    {
        return ChangeKind::House;
    }

    public function document(string $thing): array
    {
        return $this->houses->get()->schools;
    }

    public function restore(string $thing, array $document): void
    {
        $this->houses->put(House::fromRecord(Record::of(['schools' => $document])));
    }
}
