<?php

declare(strict_types=1);

namespace Wubbin\Core\Measure;

/** A colour in sRGB, eight bits a channel. */
final readonly class Colour
{
    private function __construct(public int $red, public int $green, public int $blue) {}

    /** @throws UnreadableQuantity unless written as # and six hexadecimal digits */
    public static function hex(string $hex): self
    {
        if (1 !== preg_match('/^#([0-9a-f]{2})([0-9a-f]{2})([0-9a-f]{2})$/i', $hex, $found)) {
            throw new UnreadableQuantity(
                sprintf('“%s” is not a colour. Write # and six digits, such as #1f4d2b.', mb_substr($hex, 0, 40)),
            );
        }

        return new self((int) hexdec($found[1]), (int) hexdec($found[2]), (int) hexdec($found[3]));
    }

    /** @throws UnreadableQuantity unless each is from 0 to 255 */
    public static function rgb(int $red, int $green, int $blue): self
    {
        if (min($red, $green, $blue) < 0 || max($red, $green, $blue) > 255) {
            throw new UnreadableQuantity('A channel of a colour goes from 0 to 255.');
        }

        return new self($red, $green, $blue);
    }

    /** From linear light, 0 to 1 each; what lies beyond is cut off. Transfer function: IEC 61966-2-1. */
    public static function ofLinear(float $red, float $green, float $blue): self
    {
        $byte = static function (float $linear): int {
            $c = min(1.0, max(0.0, $linear));

            return (int) round(255.0 * ($c <= 0.0031308 ? 12.92 * $c : 1.055 * $c ** (1.0 / 2.4) - 0.055));
        };

        return new self($byte($red), $byte($green), $byte($blue));
    }

    /** @return array{float, float, float} in linear light, 0 to 1 */
    public function linearChannels(): array
    {
        return [self::linear($this->red), self::linear($this->green), self::linear($this->blue)];
    }

    public function toHex(): string
    {
        return sprintf('#%02x%02x%02x', $this->red, $this->green, $this->blue);
    }

    /** Relative luminance of the sRGB primaries, 0 to 1. Transfer function and weights: IEC 61966-2-1. */
    public function luminance(): float
    {
        return 0.2126 * self::linear($this->red) +
            0.7152 * self::linear($this->green) +
            0.0722 * self::linear($this->blue);
    }

    /** CIE L* under D65, 0 (black) to 100 (white). Formula: CIE 15 (from memory). */
    public function lightness(): float
    {
        $y = $this->luminance();
        $f = $y > (6.0 / 29.0) ** 3 ? $y ** (1.0 / 3.0) : $y / (3.0 * (6.0 / 29.0) ** 2) + 4.0 / 29.0;

        return 116.0 * $f - 16.0;
    }

    /** How well they stand out from each other, 1 to 21. WCAG 2.1, contrast ratio. */
    public function contrastWith(self $other): float
    {
        $one = $this->luminance() + 0.05;
        $two = $other->luminance() + 0.05;

        return max($one, $two) / min($one, $two);
    }

    private static function linear(int $channel): float
    {
        $c = $channel / 255.0;

        return $c <= 0.04045 ? $c / 12.92 : (($c + 0.055) / 1.055) ** 2.4;
    }
}
