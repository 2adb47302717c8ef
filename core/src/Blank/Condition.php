<?php

declare(strict_types=1);

namespace Wubbin\Core\Blank;

/** The state a blank is in before it is pressed. */
enum Condition: string
{
    case New = 'new';
    case Washed = 'washed';
    case Used = 'used';
    case Smooth = 'smooth';
    case Rough = 'rough';
    /** The picture is looked at through the blank, such as from inside a pane. */
    case SeenThrough = 'seen-through';

    public function label(): string
    {
        return match ($this) {
            self::New => 'new, unwashed',
            self::Washed => 'new, washed once',
            self::Used => 'worn and washed before',
            self::Smooth => 'smooth',
            self::Rough => 'rough or textured',
            self::SeenThrough => 'smooth, people look through it',
        };
    }
}
