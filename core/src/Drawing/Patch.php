<?php

declare(strict_types=1);

namespace Wubbin\Core\Drawing;

use Wubbin\Core\Measure\Rect;

/** An area that has its turn. The one that is due fills as its clock runs. */
final readonly class Patch implements Mark
{
    /** @param non-empty-list<array{float, float}> $points its edge, closed */
    public function __construct(public array $points, public Turn $turn) {}

    public function box(float $em): Rect
    {
        return Extent::of($this->points);
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return ['mark' => 'patch', 'points' => Extent::rounded($this->points), 'turn' => $this->turn->value];
    }
}
