<?php

declare(strict_types=1);

namespace Wubbin\Core\Route;

/** What a finished piece should look like. */
enum LookWanted: string
{
    case Gloss = 'gloss';
    case Matte = 'matte';
    case Worn = 'worn';
    case FullColour = 'full-colour';
    case BlackOnly = 'black-only';

    public function label(): string
    {
        return match ($this) {
            self::Gloss => 'glossy',
            self::Matte => 'matte',
            self::Worn => 'worn',
            self::FullColour => 'full colour',
            self::BlackOnly => 'black only',
        };
    }
}
