<?php

declare(strict_types=1);

namespace Wubbin\Core\Ready;

use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Measure\Rect;

/** A part of the picture, as shares of it. */
final readonly class Crop implements ReadyStep
{
    /** Less of a side than this is taken for a slip of the hand. */
    private const LEAST = 0.01;

    private function __construct(public float $x, public float $y, public float $width, public float $height) {}

    /** @throws BadRecord unless something is left, and within the picture */
    public static function to(float $x, float $y, float $width, float $height): self
    {
        if ($width < self::LEAST || $height < self::LEAST) {
            throw BadRecord::at('crop', 'Nothing would be left. Keep a larger part of the picture.');
        }
        if ($x < -1e-6 || $y < -1e-6 || $x + $width > 1.0 + 1e-6 || $y + $height > 1.0 + 1e-6) {
            throw BadRecord::at('crop', 'Keep a part within the picture.');
        }

        return new self(max(0.0, $x), max(0.0, $y), min(1.0, $width), min(1.0, $height));
    }

    public static function fromRecord(Record $record): self
    {
        return self::to(
            $record->number('x'),
            $record->number('y'),
            $record->number('width'),
            $record->number('height'),
        );
    }

    public function toRecord(): array
    {
        return ['do' => 'crop', 'x' => $this->x, 'y' => $this->y, 'width' => $this->width, 'height' => $this->height];
    }

    public function box(Rect $now): Rect
    {
        return Rect::mm(
            $now->xMm + $this->x * $now->size->widthMm,
            $now->yMm + $this->y * $now->size->heightMm,
            $this->width * $now->size->widthMm,
            $this->height * $now->size->heightMm,
        );
    }
}
