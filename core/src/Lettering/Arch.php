<?php

declare(strict_types=1);

namespace Wubbin\Core\Lettering;

/**
 * The part of a circle that a text stands on, as long as the text: each letter is turned about its own middle, and none
 * is bent. Lengths are in heights of a capital, from the middle of the arc, y downwards.
 *
 * With half an angle φ either side of the middle, an arc of length w has the radius w / 2φ and rises by r (1 − cos φ);
 * against its length that is (1 − cos φ) / 2φ, which grows with φ up to a half circle's 1/π and beyond.
 */
final readonly class Arch
{
    private function __construct(private float $width, private float $radius) {}

    /** @param float $rise how far the middle stands above the ends against its length; below zero it hangs */
    public static function of(float $width, float $rise): self
    {
        $wanted = abs($rise);
        [$low, $high] = [1e-6, 0.99 * \M_PI];
        for ($i = 0; $i < 60; ++$i) {
            $half = ($low + $high) / 2.0;
            (1.0 - cos($half)) / (2.0 * $half) < $wanted ? ($low = $half) : ($high = $half);
        }

        return new self($width, ($rise < 0.0 ? -1.0 : 1.0) * ($width / (2.0 * $low)));
    }

    /** A letter where it stands on the arc. */
    public function stood(Glyph $glyph): Outline
    {
        $middle = $glyph->right + $glyph->advance / 2.0 - $this->width / 2.0;
        $angle = $middle / $this->radius;
        [$sin, $cos] = [sin($angle), cos($angle)];

        return $glyph->outline
            ->movedBy(-$glyph->advance / 2.0, -$glyph->up)
            ->mapped(
                fn(float $x, float $y): array => [
                    $x * $cos - $y * $sin + $this->radius * $sin,
                    $x * $sin + $y * $cos + $this->radius * (1.0 - $cos),
                ],
            );
    }
}
