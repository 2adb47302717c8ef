<?php

declare(strict_types=1);

namespace Wubbin\Core\Measure;

/** Sheet sizes, upright. A sizes: ISO 216. Letter: ANSI Y14.1 (from memory). */
enum PaperSize: string
{
    case A4 = 'a4';
    case A5 = 'a5';
    case A6 = 'a6';
    case Letter = 'letter';

    public function size(): Size
    {
        return match ($this) {
            self::A4 => Size::mm(210.0, 297.0),
            self::A5 => Size::mm(148.0, 210.0),
            self::A6 => Size::mm(105.0, 148.0),
            self::Letter => Size::mm(8.5 * Length::MM_PER_INCH, 11.0 * Length::MM_PER_INCH),
        };
    }

    public function label(): string
    {
        return self::Letter === $this ? 'Letter' : strtoupper($this->value);
    }
}
