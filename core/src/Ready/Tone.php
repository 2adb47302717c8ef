<?php

declare(strict_types=1);

namespace Wubbin\Core\Ready;

use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Measure\Rect;

/** Brighter or darker, with more contrast or less, in greys: −100 to 100 each. */
final readonly class Tone implements OnPixels
{
    private function __construct(public float $brightness, public float $contrast, public bool $grey) {}

    /** @throws BadRecord beyond 100 */
    public static function of(float $brightness, float $contrast, bool $grey): self
    {
        foreach (['brightness' => $brightness, 'contrast' => $contrast] as $field => $value) {
            if (abs($value) > 100.0) {
                throw BadRecord::at($field, 'Write a number from −100 to 100.');
            }
        }

        return new self($brightness, $contrast, $grey);
    }

    public static function fromRecord(Record $record): self
    {
        return self::of($record->number('brightness'), $record->number('contrast'), $record->boolean('grey'));
    }

    public function toRecord(): array
    {
        return [
            'do' => 'tone',
            'brightness' => $this->brightness,
            'contrast' => $this->contrast,
            'grey' => $this->grey,
        ];
    }

    public function box(Rect $now): Rect
    {
        return $now;
    }
}
