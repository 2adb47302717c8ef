<?php

declare(strict_types=1);

namespace Wubbin\Core\Ready;

use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Measure\Rect;

/** Black where the picture is darker than a level, 0 to 100, and clear elsewhere: as black as toner goes. */
final readonly class Solid implements OnPixels
{
    private function __construct(public float $level) {}

    /** @throws BadRecord outside 1 to 99 */
    public static function below(float $level): self
    {
        return $level >= 1.0 && $level <= 99.0
            ? new self($level)
            : throw BadRecord::at('level', 'Write a level from 1 to 99.');
    }

    public static function fromRecord(Record $record): self
    {
        return self::below($record->number('level'));
    }

    public function toRecord(): array
    {
        return ['do' => 'solid', 'level' => $this->level];
    }

    public function box(Rect $now): Rect
    {
        return $now;
    }
}
