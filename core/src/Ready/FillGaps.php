<?php

declare(strict_types=1);

namespace Wubbin\Core\Ready;

use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Measure\Rect;

/** Gaps and holes narrower than so many mm are filled, so that it is cut round once. */
final readonly class FillGaps implements OnPixels
{
    private function __construct(public float $mm) {}

    /** @throws BadRecord outside 0.1 to 50 mm */
    public static function below(float $mm): self
    {
        return $mm >= 0.1 && $mm <= 50.0
            ? new self($mm)
            : throw BadRecord::at('mm', 'Write a length from 0.1 mm to 50 mm (2 in).');
    }

    public static function fromRecord(Record $record): self
    {
        return self::below($record->number('mm'));
    }

    public function toRecord(): array
    {
        return ['do' => 'fill', 'mm' => $this->mm];
    }

    public function box(Rect $now): Rect
    {
        return $now;
    }
}
