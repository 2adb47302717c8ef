<?php

declare(strict_types=1);

namespace Wubbin\Core\Heat;

use Wubbin\Core\Measure\Rect;

/**
 * One place to set a plate down, in mm from the picture's upper left corner: what it presses, and where all of the
 * plate lies.
 */
final readonly class IronPlace implements \JsonSerializable
{
    public function __construct(public Rect $pressed, public Rect $plate, public bool $pointsSideways) {}

    /**
     * @return array{x_mm: float, y_mm: float, width_mm: float, height_mm: float, plate: array{x_mm: float,
     *     y_mm: float, width_mm: float, height_mm: float}, points_sideways: bool}
     */
    public function jsonSerialize(): array
    {
        return [
            'x_mm' => $this->pressed->xMm,
            'y_mm' => $this->pressed->yMm,
            'width_mm' => $this->pressed->size->widthMm,
            'height_mm' => $this->pressed->size->heightMm,
            'plate' => [
                'x_mm' => $this->plate->xMm,
                'y_mm' => $this->plate->yMm,
                'width_mm' => $this->plate->size->widthMm,
                'height_mm' => $this->plate->size->heightMm,
            ],
            'points_sideways' => $this->pointsSideways,
        ];
    }
}
