<?php

declare(strict_types=1);

namespace Wubbin\Core\Blank;

/** How light a blank is, for judging whether a transfer without white shows on it. */
enum Tone: string
{
    case White = 'white';
    case VeryLight = 'very-light';
    case Mid = 'mid';
    case Dark = 'dark';

    public function label(): string
    {
        return match ($this) {
            self::White => 'white',
            self::VeryLight => 'very light',
            self::Mid => 'mid-toned',
            self::Dark => 'dark',
        };
    }
}
