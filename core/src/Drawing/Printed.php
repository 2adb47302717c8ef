<?php

declare(strict_types=1);

namespace Wubbin\Core\Drawing;

use Wubbin\Core\Measure\Rect;

/** The picture itself: as it reads or mirrored, bent where the piece tapers, pale where something lies over it. */
final readonly class Printed implements Mark
{
    /** Of its strength, where it is seen through a sheet or a cover. */
    public const THROUGH = 0.3;

    /**
     * @param Rect $rect of a bent one, the box that it just fits
     * @param string $artwork its digest
     * @param float $strength from 0 to 1
     * @param string|null $bend how it is bent, as an address has it
     * @param float $degrees that it is turned with the clock about a place of the drawing
     * @param array{float, float} $about
     * @param non-empty-list<array{float, float}>|null $within what is seen of it, on the drawing
     */
    public function __construct(
        public Rect $rect,
        public string $artwork,
        public bool $mirrored = false,
        public float $strength = 1.0,
        public ?string $bend = null,
        public float $degrees = 0.0,
        public array $about = [0.0, 0.0],
        public ?array $within = null,
    ) {}

    public function fainter(float $strength): self
    {
        return new self(
            $this->rect,
            $this->artwork,
            $this->mirrored,
            $strength,
            $this->bend,
            $this->degrees,
            $this->about,
            $this->within,
        );
    }

    /** @param non-empty-list<array{float, float}> $edge of the piece, beyond which nothing is seen */
    public function within(array $edge): self
    {
        return new self(
            $this->rect,
            $this->artwork,
            $this->mirrored,
            $this->strength,
            $this->bend,
            $this->degrees,
            $this->about,
            $edge,
        );
    }

    public function box(float $em): ?Rect
    {
        return null;
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return [
            'mark' => 'picture',
            'rect' => Extent::record($this->rect),
            'artwork' => $this->artwork,
            'mirrored' => $this->mirrored,
            'strength' => $this->strength,
            'bend' => $this->bend,
            'degrees' => round($this->degrees, 3),
            'about' => Extent::rounded([$this->about])[0],
            'within' => null === $this->within ? null : Extent::rounded($this->within),
        ];
    }
}
