<?php

declare(strict_types=1);

namespace Wubbin\Core\Artwork;

/** What becomes of a colour on a coloured ground. */
enum Fate: string
{
    case Stays = 'stays';
    case Shifts = 'shifts';
    case Vanishes = 'vanishes';

    public function verb(bool $several): string
    {
        return match ($this) {
            self::Stays => $several ? 'stay' : 'stays',
            self::Shifts => $several ? 'change their look' : 'changes its look',
            self::Vanishes => $several ? 'vanish' : 'vanishes',
        };
    }
}
