<?php

declare(strict_types=1);

namespace Wubbin\Core\Ready;

use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Measure\Rect;
use Wubbin\Core\Measure\Size;

/** Another picture beside it, over it or under it, on the same print. */
final readonly class Joined implements ReadyStep
{
    /**
     * @param string $picture SHA-256
     * @param float $aspect of that picture, width over height
     */
    private function __construct(
        public string $picture,
        public Where $where,
        public float $widthMm,
        public float $gapMm,
        public float $aspect,
    ) {}

    /** @throws BadRecord naming the field */
    public static function with(string $picture, Where $where, float $widthMm, float $gapMm, float $aspect): self
    {
        if (1 !== preg_match('/^[0-9a-f]{64}$/D', $picture)) {
            throw BadRecord::at('picture', 'Choose one of your pictures.');
        }
        if ($widthMm < 2.0 || $widthMm > 2000.0) {
            throw BadRecord::at('width_mm', 'Write a width from 2 mm (0.1 in) to 2000 mm (78 in).');
        }
        if ($gapMm < -1000.0 || $gapMm > 1000.0) {
            throw BadRecord::at('gap_mm', 'Write a distance up to 1000 mm (39 in).');
        }
        if ($aspect <= 0.0) {
            throw BadRecord::at('picture', 'The picture has no size.');
        }

        return new self($picture, $where, $widthMm, $gapMm, $aspect);
    }

    public static function fromRecord(Record $record): self
    {
        return self::with(
            $record->string('picture'),
            $record->enum('where', Where::class),
            $record->number('width_mm'),
            $record->number('gap_mm'),
            $record->numberOrNull('aspect') ?? 1.0,
        );
    }

    /** The same for a picture of this shape. */
    public function shaped(float $aspect): self
    {
        return new self($this->picture, $this->where, $this->widthMm, $this->gapMm, $aspect);
    }

    public function toRecord(): array
    {
        return [
            'do' => 'join',
            'picture' => $this->picture,
            'where' => $this->where->value,
            'width_mm' => $this->widthMm,
            'gap_mm' => $this->gapMm,
            'aspect' => $this->aspect,
        ];
    }

    /** Where the other one lies; over and under, the gap is how far below the middle. */
    public function other(Rect $now): Rect
    {
        $size = Size::mm($this->widthMm, $this->widthMm / $this->aspect);
        $left = $now->xMm + ($now->size->widthMm - $size->widthMm) / 2.0;
        $top = $now->yMm + ($now->size->heightMm - $size->heightMm) / 2.0;

        return match ($this->where) {
            Where::Above => Rect::at($left, $now->yMm - $this->gapMm - $size->heightMm, $size),
            Where::Below => Rect::at($left, $now->bottom() + $this->gapMm, $size),
            Where::Left => Rect::at($now->xMm - $this->gapMm - $size->widthMm, $top, $size),
            Where::Right => Rect::at($now->right() + $this->gapMm, $top, $size),
            Where::Over, Where::Under => Rect::at($left, $top + $this->gapMm, $size),
        };
    }

    public function box(Rect $now): Rect
    {
        return $now->around($this->other($now));
    }
}
