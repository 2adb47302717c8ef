<?php

declare(strict_types=1);

namespace Wubbin\Core\Ready;

use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Measure\Rect;

/** Turned with the clock about its middle; what is not filled by it is clear. */
final readonly class Turn implements ReadyStep
{
    private function __construct(public float $degrees) {}

    /** @throws BadRecord beyond half a turn */
    public static function by(float $degrees): self
    {
        if (abs($degrees) > 180.0) {
            throw BadRecord::at('degrees', 'Turn it by −180° to 180°.');
        }

        return new self($degrees);
    }

    public static function fromRecord(Record $record): self
    {
        return self::by($record->number('degrees'));
    }

    public function toRecord(): array
    {
        return ['do' => 'turn', 'degrees' => $this->degrees];
    }

    /** A quarter turn keeps every pixel. */
    public function isQuarter(): bool
    {
        return 0.0 === fmod($this->degrees, 90.0);
    }

    public function box(Rect $now): Rect
    {
        [$sin, $cos] = [abs(sin(deg2rad($this->degrees))), abs(cos(deg2rad($this->degrees)))];
        [$wide, $high] = [$now->size->widthMm, $now->size->heightMm];

        return Box::about($now, $wide * $cos + $high * $sin, $wide * $sin + $high * $cos);
    }
}
