<?php

declare(strict_types=1);

namespace Wubbin\Core\Measure;

/** A colour in sRGB, eight bits a channel. */
final readonly class Colour
{
    private function __construct(public int $red, public int $green, public int $blue)
    {
    }

    /** @throws UnreadableQuantity unless written as # and six hexadecimal digits */
    public static function hex(string $hex): self
    {
        if (1 !== preg_match('/^#([0-9a-f]{2})([0-9a-f]{2})([0-9a-f]{2})$/i', $hex, $found)) {
            throw new UnreadableQuantity(sprintf('“%s” is not a colour. Write # and six digits, such as #1f4d2b.', mb_substr($hex, 0, 40)));
        }

        return new self((int) hexdec($found[1]), (int) hexdec($found[2]), (int) hexdec($found[3]));
    }

    public function toHex(): string
    {
        return sprintf('#%02x%02x%02x', $this->red, $this->green, $this->blue);
    }

    /** Relative luminance of the sRGB primaries, 0 to 1. Transfer function and weights: IEC 61966-2-1. */
    public function luminance(): float
    {
        return 0.2126 * self::linear($this->red) + 0.7152 * self::linear($this->green) + 0.0722 * self::linear($this->blue);
    }

    /** CIE L* under D65, 0 (black) to 100 (white). Formula: CIE 15 (from memory). */
    public function lightness(): float
    {
        $y = $this->luminance();
        $f = $y > (6.0 / 29.0) ** 3 ? $y ** (1.0 / 3.0) : $y / (3.0 * (6.0 / 29.0) ** 2) + 4.0 / 29.0;

        return 116.0 * $f - 16.0;
    }

    private static function linear(int $channel): float
    {
        $c = $channel / 255.0;

        return $c <= 0.04045 ? $c / 12.92 : (($c + 0.055) / 1.055) ** 2.4;
    }
}
