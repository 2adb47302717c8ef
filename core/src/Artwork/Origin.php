<?php

declare(strict_types=1);

namespace Wubbin\Core\Artwork;

use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Measure\Rect;

/**
 * Where a picture comes from that was made of another by taking parts away: what is left of the first, as shares of it.
 */
final readonly class Origin
{
    private function __construct(
        public string $sha256,
        private float $x,
        private float $y,
        private float $width,
        private float $height,
    ) {}

    /** @throws BadRecord unless something is left, and within the first */
    public static function fromPicture(string $sha256, float $x, float $y, float $width, float $height): self
    {
        if ($x < 0.0 || $y < 0.0 || $width <= 0.0 || $height <= 0.0 || $x + $width > 1.0001 || $y + $height > 1.0001) {
            throw BadRecord::at('artwork', 'What is left of a picture lies within it.');
        }

        return new self($sha256, $x, $y, $width, $height);
    }

    /** @throws BadRecord */
    public static function fromRecord(Record $record): self
    {
        return self::fromPicture(
            $record->string('sha256'),
            $record->number('x'),
            $record->number('y'),
            $record->number('width'),
            $record->number('height'),
        );
    }

    /** @return array{sha256: string, x: float, y: float, width: float, height: float} */
    public function toRecord(): array
    {
        return [
            'sha256' => $this->sha256,
            'x' => $this->x,
            'y' => $this->y,
            'width' => $this->width,
            'height' => $this->height,
        ];
    }

    /** Where this one lies when the first lies there. */
    public function within(Rect $first): Rect
    {
        return Rect::mm(
            $first->xMm + $this->x * $first->size->widthMm,
            $first->yMm + $this->y * $first->size->heightMm,
            $this->width * $first->size->widthMm,
            $this->height * $first->size->heightMm,
        );
    }

    /** Where the first lies when this one lies there. */
    public function around(Rect $left): Rect
    {
        $width = $left->size->widthMm / $this->width;
        $height = $left->size->heightMm / $this->height;

        return Rect::mm($left->xMm - $this->x * $width, $left->yMm - $this->y * $height, $width, $height);
    }
}
