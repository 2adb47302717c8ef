<?php

declare(strict_types=1);

namespace Wubbin\Core\Measure;

/** A rectangle in millimetres; y grows downwards, as on the drawing and on the sheet. */
final readonly class Rect
{
    private function __construct(public float $xMm, public float $yMm, public Size $size) {}

    /** @throws UnreadableQuantity unless width and height are above zero */
    public static function mm(float $x, float $y, float $width, float $height): self
    {
        return new self($x, $y, Size::mm($width, $height));
    }

    public static function at(float $xMm, float $yMm, Size $size): self
    {
        return new self($xMm, $yMm, $size);
    }

    /** @return non-empty-list<array{float, float}> from the upper left one, with the clock */
    public function corners(): array
    {
        return [
            [$this->xMm, $this->yMm],
            [$this->right(), $this->yMm],
            [$this->right(), $this->bottom()],
            [$this->xMm, $this->bottom()],
        ];
    }

    public function right(): float
    {
        return $this->xMm + $this->size->widthMm;
    }

    public function bottom(): float
    {
        return $this->yMm + $this->size->heightMm;
    }

    public function grown(float $mm): self
    {
        return new self($this->xMm - $mm, $this->yMm - $mm, $this->size->grown($mm));
    }

    public function movedBy(float $xMm): self
    {
        return new self($this->xMm + $xMm, $this->yMm, $this->size);
    }

    /** The smallest that covers both. */
    public function around(self $other): self
    {
        $x = min($this->xMm, $other->xMm);
        $y = min($this->yMm, $other->yMm);

        return new self(
            $x,
            $y,
            Size::mm(max($this->right(), $other->right()) - $x, max($this->bottom(), $other->bottom()) - $y),
        );
    }

    /** What both cover; null where they do not meet by more than a tenth of a millimetre. */
    public function overlap(self $other): ?self
    {
        $width = min($this->right(), $other->right()) - max($this->xMm, $other->xMm);
        $height = min($this->bottom(), $other->bottom()) - max($this->yMm, $other->yMm);

        return $width <= 0.1 || $height <= 0.1
            ? null
            : new self(max($this->xMm, $other->xMm), max($this->yMm, $other->yMm), Size::mm($width, $height));
    }

    /** Whether this lies wholly inside the other; a hundredth of a millimetre is forgiven to rounding. */
    public function within(self $other): bool
    {
        return $this->xMm >= $other->xMm - 0.01 &&
            $this->yMm >= $other->yMm - 0.01 &&
            $this->right() <= $other->right() + 0.01 &&
            $this->bottom() <= $other->bottom() + 0.01;
    }
}
