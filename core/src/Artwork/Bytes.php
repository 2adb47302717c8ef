<?php

declare(strict_types=1);

namespace Wubbin\Core\Artwork;

/** Millions of points of a byte each, changed all at once. */
final readonly class Bytes
{
    /** 1 where a byte is this or more, 0 where it is less. */
    public static function atLeast(string $bytes, int $least): string
    {
        return self::mapped($bytes, str_repeat("\0", $least) . str_repeat("\1", 256 - $least));
    }

    /** @param string $to what each of the 256 bytes becomes */
    public static function mapped(string $bytes, string $to): string
    {
        return strtr($bytes, implode('', array_map(chr(...), range(0, 255))), $to);
    }
}
