<?php

declare(strict_types=1);

namespace Wubbin\Core\Measure;

/**
 * The name by which something of the shop's own is found again, in addresses, files and lists.
 *
 * 1 to 64 letters, digits, hyphens and underscores, a letter or a digit first. Never digits alone: PHP turns such keys
 * of an array into numbers, and a list of ids into something else.
 */
final class Id
{
    public const LONGEST = 64;
    public const RULE = 'An id has up to 64 letters, digits and hyphens, and is not a number alone.';

    /** For those who check by a pattern. */
    public const PATTERN = '/^(?=.*[A-Za-z_-])[A-Za-z0-9][A-Za-z0-9_-]{0,63}$/D';

    public static function holds(string $text): bool
    {
        return 1 === preg_match(self::PATTERN, $text);
    }

    /**
     * An id for something that was stored under a name which is none: always the same one for the same name.
     *
     * @param int|string $stored a number where PHP made one of it
     */
    public static function mended(int|string $stored): string
    {
        $text = (string) $stored;

        return self::holds($text)
            ? $text
            : 'mended-' .
                    trim(substr((string) preg_replace('/[^A-Za-z0-9_-]+/', '-', $text), 0, 40), '-') .
                    ('' === $text ? '' : '-') .
                    substr(hash('sha256', $text), 0, 8);
    }
}
