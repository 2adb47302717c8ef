<?php

declare(strict_types=1);

namespace Wubbin\Core\Blank;

/** One line of a shop drawing: a chain of points in millimetres. */
final readonly class DrawnLine implements \JsonSerializable
{
    /** @param list<array{float, float}> $points */
    public function __construct(public LineStyle $style, public array $points, public bool $closed) {}

    /** @return array{style: string, closed: bool, points: list<array{float, float}>} */
    public function jsonSerialize(): array
    {
        return ['style' => $this->style->value, 'closed' => $this->closed, 'points' => $this->points];
    }
}
