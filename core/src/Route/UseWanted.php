<?php

declare(strict_types=1);

namespace Wubbin\Core\Route;

/** How a finished piece will live. */
enum UseWanted: string
{
    case Washed = 'washed';
    case Hung = 'hung';
    case Burned = 'burned';
    case Counter = 'counter';
    case Outdoors = 'outdoors';

    public function label(): string
    {
        return match ($this) {
            self::Washed => 'washed often',
            self::Hung => 'hung up',
            self::Burned => 'burned as a candle',
            self::Counter => 'handled on a counter',
            self::Outdoors => 'outdoors',
        };
    }
}
