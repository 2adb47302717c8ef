<?php

declare(strict_types=1);

namespace Wubbin\Core\Drawing;

use Wubbin\Core\Measure\Rect;

/** The way that hands or heat go while a clock runs; how far they should have come follows it. */
final readonly class Course implements Mark
{
    /** @param non-empty-list<array{float, float}> $points */
    public function __construct(public array $points) {}

    public function box(float $em): Rect
    {
        return Extent::of($this->points);
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return ['mark' => 'course', 'points' => Extent::rounded($this->points)];
    }
}
