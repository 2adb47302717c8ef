<?php

declare(strict_types=1);

namespace Wubbin\Core\Ready;

use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Measure\Rect;

/** What is white, or nearly, becomes clear; within the picture too. */
final readonly class ClearWhites implements OnPixels
{
    private function __construct(public float $tolerance) {}

    /** @throws BadRecord outside 0 to 50 */
    public static function within(float $tolerance): self
    {
        return $tolerance >= 0.0 && $tolerance <= 50.0
            ? new self($tolerance)
            : throw BadRecord::at('tolerance', 'Write a tolerance from 0 to 50.');
    }

    public static function fromRecord(Record $record): self
    {
        return self::within($record->number('tolerance'));
    }

    public function toRecord(): array
    {
        return ['do' => 'clear', 'tolerance' => $this->tolerance];
    }

    public function box(Rect $now): Rect
    {
        return $now;
    }
}
