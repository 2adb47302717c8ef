<?php

declare(strict_types=1);

namespace Wubbin\Core\Measure;

/** Sheet sizes, upright. A sizes: ISO 216. Letter and tabloid: ANSI Y14.1 (from memory). */
enum PaperSize: string
{
    case A3 = 'a3';
    case A4 = 'a4';
    case A5 = 'a5';
    case A6 = 'a6';
    case Letter = 'letter';
    case Tabloid = 'tabloid';
    /** 13 × 19 in, the largest sheet of many desktop printers. */
    case Supertabloid = 'supertabloid';

    public function size(): Size
    {
        return match ($this) {
            self::A3 => Size::mm(297.0, 420.0),
            self::A4 => Size::mm(210.0, 297.0),
            self::A5 => Size::mm(148.0, 210.0),
            self::A6 => Size::mm(105.0, 148.0),
            self::Tabloid => Size::mm(11.0 * Length::MM_PER_INCH, 17.0 * Length::MM_PER_INCH),
            self::Supertabloid => Size::mm(13.0 * Length::MM_PER_INCH, 19.0 * Length::MM_PER_INCH),
            self::Letter => Size::mm(8.5 * Length::MM_PER_INCH, 11.0 * Length::MM_PER_INCH),
        };
    }

    public function label(): string
    {
        return match ($this) {
            self::Letter => 'Letter',
            self::Tabloid => '11 × 17 in',
            self::Supertabloid => '13 × 19 in',
            default => strtoupper($this->value),
        };
    }
}
