<?php

declare(strict_types=1);

namespace Wubbin\Core\Run;

use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Record;

/** A task that another one waits for, by its position. */
final readonly class BenchNeed implements \JsonSerializable
{
    /** @param int|null $withinS seconds after it that the other one may begin at the latest; nothing for any time */
    public function __construct(public int $position, public ?int $withinS = null) {}

    /** @throws BadRecord */
    public static function fromRecord(Record $record): self
    {
        return new self($record->integer('position'), $record->has('within_s') ? $record->integer('within_s') : null);
    }

    /** @return array<string, int|null> */
    public function jsonSerialize(): array
    {
        return ['position' => $this->position, 'within_s' => $this->withinS];
    }
}
