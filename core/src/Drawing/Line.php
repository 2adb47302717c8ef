<?php

declare(strict_types=1);

namespace Wubbin\Core\Drawing;

use Wubbin\Core\Measure\Rect;

/** A chain of points: an edge, an area where it is closed, a way to go where it ends in an arrow. */
final readonly class Line implements Mark
{
    /** @param non-empty-list<array{float, float}> $points */
    public function __construct(
        public Pen $pen,
        public array $points,
        public bool $closed = false,
        public bool $arrow = false,
    ) {}

    public function box(float $em): Rect
    {
        return Extent::of($this->points);
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return [
            'mark' => 'line',
            'pen' => $this->pen->value,
            'points' => Extent::rounded($this->points),
            'closed' => $this->closed,
            'arrow' => $this->arrow,
        ];
    }
}
