<?php

declare(strict_types=1);

namespace Wubbin\Core\Run;

/** How a piece came out. */
enum Outcome: string
{
    case Good = 'good';
    case Redo = 'redo';
    case Spoiled = 'spoiled';

    public function label(): string
    {
        return match ($this) {
            self::Good => 'good',
            self::Redo => 'do it again',
            self::Spoiled => 'spoiled',
        };
    }
}
