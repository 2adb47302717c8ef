<?php

declare(strict_types=1);

namespace Wubbin\Core\Drawing;

use Wubbin\Core\Measure\Colour;
use Wubbin\Core\Measure\Rect;

/** What a step looks like, to scale: for screens and paper alike, which only draw it. */
final readonly class Drawing implements \JsonSerializable
{
    /**
     * @param Rect $frame all that is on it, with a margin, in mm
     * @param float $emMm height of its letters
     * @param non-empty-list<Mark> $marks what lies below first
     * @param Colour $piece the piece's own colour
     * @param string $says what is seen on it, for who cannot see it
     */
    public function __construct(
        public Rect $frame,
        public float $emMm,
        public array $marks,
        public Colour $piece,
        public string $says,
    ) {}

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return [
            'frame' => Extent::record($this->frame),
            'em_mm' => round($this->emMm, 3),
            'marks' => $this->marks,
            'piece' => $this->piece->toHex(),
            'says' => $this->says,
        ];
    }
}
