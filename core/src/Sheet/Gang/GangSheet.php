<?php

declare(strict_types=1);

namespace Wubbin\Core\Sheet\Gang;

use Wubbin\Core\Measure\Rect;

/** One sheet of a gang. Lengths are in mm from the upper left corner of the page. */
final readonly class GangSheet implements \JsonSerializable
{
    /**
     * @param list<array{piece: string, rect: Rect, turned: bool}> $places
     * @param float                                                $filled  by the pieces, of what can be printed on, 0 to 1
     * @param list<Rect>                                           $offcuts the largest rectangles that are left, the largest first
     */
    public function __construct(public array $places, public float $filled, public array $offcuts)
    {
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        $mm = static fn (Rect $rect): array => ['x_mm' => $rect->xMm, 'y_mm' => $rect->yMm, 'width_mm' => $rect->size->widthMm, 'height_mm' => $rect->size->heightMm];

        return [
            'places' => array_map(static fn (array $place): array => ['piece' => $place['piece'], 'turned' => $place['turned']] + $mm($place['rect']), $this->places),
            'filled' => $this->filled,
            'offcuts' => array_map($mm, $this->offcuts),
        ];
    }
}
