<?php

declare(strict_types=1);

namespace Wubbin\Core\Day;

/** What a lane of a day is of: a pair of hands, a machine, or room at a place. */
enum LaneKind: string
{
    case Hands = 'hands';
    case Machine = 'machine';
    case Place = 'place';

    /** Under which its lanes are kept: its id beside it, since a machine and a place may be called alike. */
    public function key(string $id = ''): string
    {
        return rtrim($this->value . ' ' . $id);
    }

    /** @return array{self, string} the kind that a key is of, and the id */
    public static function read(string $key): array
    {
        [$kind, $id] = explode(' ', $key, 2) + [1 => ''];

        return [self::from($kind), $id];
    }
}
