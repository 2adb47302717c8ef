<?php

declare(strict_types=1);

namespace Wubbin\Core\Sheet;

use Wubbin\Core\Measure\Rect;

/**
 * Something printed on the sheet that is not the picture, always outside it. It reads right, unlike a mirrored picture.
 *
 * `turned` text runs from bottom to top. Text is as high as a line of 8 points in a box of 4 mm, and larger in a higher
 * one.
 */
final readonly class SheetMark implements \JsonSerializable
{
    /**
     * @param list<non-empty-list<array{float, float}>> $lines of a trim line that is no rectangle: closed, x and y in
     *                                                         mm on the sheet
     */
    public function __construct(
        public MarkKind $kind,
        public Rect $rect,
        public string $text = '',
        public bool $turned = false,
        public array $lines = [],
    ) {}

    /**
     * @return array{kind: string, x_mm: float, y_mm: float, width_mm: float, height_mm: float, text: string,
     *     turned: bool, lines: list<non-empty-list<array{float, float}>>}
     */
    public function jsonSerialize(): array
    {
        return [
            'kind' => $this->kind->value,
            'x_mm' => $this->rect->xMm,
            'y_mm' => $this->rect->yMm,
            'width_mm' => $this->rect->size->widthMm,
            'height_mm' => $this->rect->size->heightMm,
            'text' => $this->text,
            'turned' => $this->turned,
            'lines' => $this->lines,
        ];
    }
}
