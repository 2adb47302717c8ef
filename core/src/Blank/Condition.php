<?php

declare(strict_types=1);

namespace Wubbin\Core\Blank;

/** What has happened to a garment before it is pressed. */
enum Condition: string
{
    case New = 'new';
    case Washed = 'washed';
    case Used = 'used';

    public function label(): string
    {
        return match ($this) {
            self::New => 'new, unwashed',
            self::Washed => 'new, washed once',
            self::Used => 'worn and washed before',
        };
    }
}
