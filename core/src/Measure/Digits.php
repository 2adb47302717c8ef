<?php

declare(strict_types=1);

namespace Wubbin\Core\Measure;

/** Digits of any script as those that numbers are reckoned with: “١٢٫٥” and “１２.５” are both 12.5. */
final class Digits
{
    /** The Arabic decimal and thousands separators, and the full stop and comma of full width. */
    private const MARKS = ["\u{066B}" => '.', "\u{066C}" => ' ', "\u{FF0E}" => '.', "\u{FF0C}" => ','];

    /** Text that is not UTF-8 is returned as it came: whoever reads it refuses it. */
    public static function ascii(string $typed): string
    {
        if (1 === preg_match('/^[\x00-\x7F]*$/D', $typed)) {
            return $typed;
        }

        return (string) preg_replace_callback(
            '/\p{Nd}/u',
            static fn(array $digit): string => (string) \IntlChar::charDigitValue($digit[0]),
            strtr($typed, self::MARKS),
        );
    }
}
