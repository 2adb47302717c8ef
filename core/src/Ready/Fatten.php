<?php

declare(strict_types=1);

namespace Wubbin\Core\Ready;

use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Measure\Rect;

/** All lines wider by so many mm, half of it on either side: what is darker grows over what is lighter, or clear. */
final readonly class Fatten implements OnPixels
{
    public const MOST_MM = 10.0;

    private function __construct(public float $mm) {}

    /** @throws BadRecord outside 0.02 to 10 mm */
    public static function by(float $mm): self
    {
        return $mm >= 0.02 && $mm <= self::MOST_MM
            ? new self($mm)
            : throw BadRecord::at('mm', 'Write a length from 0.02 mm to 10 mm (0.4 in).');
    }

    /**
     * By what the finest line lacks.
     *
     * @param float $finestMm of the picture as it is printed
     * @param float $holdsMm the finest that the route holds
     */
    public static function lack(float $finestMm, float $holdsMm): float
    {
        return max(0.0, ceil(round(($holdsMm - $finestMm) * 100.0, 6)) / 100.0);
    }

    public static function fromRecord(Record $record): self
    {
        return self::by($record->number('mm'));
    }

    public function toRecord(): array
    {
        return ['do' => 'fatten', 'mm' => $this->mm];
    }

    /** Its outermost lines grow outwards. */
    public function box(Rect $now): Rect
    {
        return $now->grown($this->mm / 2.0);
    }
}
