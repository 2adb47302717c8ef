<?php

declare(strict_types=1);

namespace Wubbin\Core\Cost;

/** What a shop stocks, by what it is for. */
enum Stuff: string
{
    case Sheet = 'sheet';
    case Blank = 'blank';
    case Ink = 'ink';
    case Tape = 'tape';
    case Cover = 'cover';

    /** What it is counted in, where nothing else is said. */
    public function unit(): string
    {
        return match ($this) {
            self::Sheet, self::Cover => 'sheets',
            self::Blank => 'pieces',
            self::Ink => 'ml',
            self::Tape => 'm',
        };
    }

    public function label(): string
    {
        return match ($this) {
            self::Sheet => 'Paper and film',
            self::Blank => 'Blanks',
            self::Ink => 'Ink and toner',
            self::Tape => 'Tape',
            self::Cover => 'Covers',
        };
    }
}
