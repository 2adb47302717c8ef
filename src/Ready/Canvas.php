<?php

declare(strict_types=1);

namespace Wubbin\Ready;

use Wubbin\Core\Measure\Rect;

/** A picture that is being made ready: as pixels, or as parts of a drawing in mm of its recipe. */
final readonly class Canvas
{
    /**
     * @param Rect $box that it fills, in mm of the recipe
     * @param list<string> $parts of an SVG drawing; none where it is pixels
     * @param float|null $fine pixels a mm that are in it, where there are any
     */
    private function __construct(
        public Rect $box,
        public ?\Imagick $pixels,
        public array $parts,
        public ?float $fine,
    ) {}

    public static function ofPixels(\Imagick $pixels, Rect $box): self
    {
        return new self($box, $pixels, [], $pixels->getImageWidth() / $box->size->widthMm);
    }

    /** @param list<string> $parts */
    public static function ofParts(array $parts, Rect $box, ?float $fine = null): self
    {
        return new self($box, null, $parts, $fine);
    }

    /** As a part of a drawing. */
    public function drawn(): self
    {
        return null === $this->pixels
            ? $this
            : self::ofParts([self::image($this->pixels, $this->box)], $this->box, $this->fine);
    }

    /**
     * With more on it, above it or below.
     *
     * @param list<string> $over
     * @param list<string> $under
     */
    public function with(array $over, Rect $box, array $under = []): self
    {
        return self::ofParts([...$under, ...$this->drawn()->parts, ...$over], $box, $this->fine);
    }

    /** The drawing as a file, its page as large as its box. */
    public function svg(): string
    {
        $box = self::numbers([$this->box->xMm, $this->box->yMm, $this->box->size->widthMm, $this->box->size->heightMm]);

        return sprintf(
            '<svg xmlns="http://www.w3.org/2000/svg" xmlns:xlink="http://www.w3.org/1999/xlink" width="%smm" ' .
                'height="%smm" viewBox="%s">%s</svg>',
            self::numbers([$this->box->size->widthMm]),
            self::numbers([$this->box->size->heightMm]),
            $box,
            implode('', $this->drawn()->parts),
        );
    }

    private static function image(\Imagick $pixels, Rect $at): string
    {
        $copy = clone $pixels;
        $copy->setImageFormat('png');
        $copy->setOption('png:compression-level', '1');

        return sprintf(
            '<image %s preserveAspectRatio="none" xlink:href="data:image/png;base64,%s"/>',
            self::rect($at),
            base64_encode($copy->getImageBlob()),
        );
    }

    /** Its place as attributes. */
    public static function rect(Rect $rect): string
    {
        return vsprintf(
            'x="%s" y="%s" width="%s" height="%s"',
            explode(' ', self::numbers([$rect->xMm, $rect->yMm, $rect->size->widthMm, $rect->size->heightMm])),
        );
    }

    /** @param list<float> $numbers */
    public static function numbers(array $numbers): string
    {
        return implode(' ', array_map(static fn(float $n): float => round($n, 4), $numbers));
    }
}
