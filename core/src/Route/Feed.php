<?php

declare(strict_types=1);

namespace Wubbin\Core\Route;

use Wubbin\Core\Measure\Record;

/** How a tray feeds: which side of a sheet that lies in it is printed on, and which edge of the page goes in first. */
final readonly class Feed
{
    public function __construct(public Lying $prints, public Edge $leads) {}

    public static function fromRecord(Record $record): self
    {
        return new self($record->enum('prints', Lying::class), $record->enum('leads', Edge::class));
    }

    /** @return array{prints: string, leads: string} */
    public function toRecord(): array
    {
        return ['prints' => $this->prints->value, 'leads' => $this->leads->value];
    }
}
