<?php

declare(strict_types=1);

namespace Wubbin\Core\Measure;

/** Width and height of something flat, in millimetres, both above zero. */
final readonly class Size
{
    private function __construct(public float $widthMm, public float $heightMm) {}

    /** @throws UnreadableQuantity unless both are finite and above zero */
    public static function mm(float $width, float $height): self
    {
        if (!is_finite($width) || !is_finite($height) || $width <= 0.0 || $height <= 0.0) {
            throw UnreadableQuantity::notALength(sprintf('%s × %s mm', $width, $height));
        }

        return new self($width, $height);
    }

    public function turned(): self
    {
        return new self($this->heightMm, $this->widthMm);
    }

    public function grown(float $mmOnEverySide): self
    {
        return self::mm($this->widthMm + 2.0 * $mmOnEverySide, $this->heightMm + 2.0 * $mmOnEverySide);
    }

    public function areaMm2(): float
    {
        return $this->widthMm * $this->heightMm;
    }

    /** Whether this fits inside the other as it lies; a hundredth of a millimetre is forgiven to rounding. */
    public function fitsIn(self $other): bool
    {
        return $this->widthMm <= $other->widthMm + 0.01 && $this->heightMm <= $other->heightMm + 0.01;
    }

    /** How many of a smaller one lie on it in rows, all the same way round, with so many mm between them. */
    public function holds(self $piece, float $gapMm): int
    {
        $along = static fn(float $room, float $one): int => (int) floor(($room + $gapMm + 0.01) / ($one + $gapMm));

        return max(
            $along($this->widthMm, $piece->widthMm) * $along($this->heightMm, $piece->heightMm),
            $along($this->widthMm, $piece->heightMm) * $along($this->heightMm, $piece->widthMm),
        );
    }
}
