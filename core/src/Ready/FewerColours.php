<?php

declare(strict_types=1);

namespace Wubbin\Core\Ready;

use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Measure\Rect;

/** The picture in so many colours, each flat. */
final readonly class FewerColours implements OnPixels
{
    private function __construct(public int $count) {}

    /** @throws BadRecord outside 2 to 32 */
    public static function to(int $count): self
    {
        return $count >= 2 && $count <= 32
            ? new self($count)
            : throw BadRecord::at('count', 'Write a number of colours from 2 to 32.');
    }

    public static function fromRecord(Record $record): self
    {
        return self::to($record->integer('count'));
    }

    public function toRecord(): array
    {
        return ['do' => 'colours', 'count' => $this->count];
    }

    public function box(Rect $now): Rect
    {
        return $now;
    }
}
