<?php

declare(strict_types=1);

namespace Wubbin\Storage;

/** What a person is told and the log begins its line with, so that the two are found together. */
final class ErrorNumber
{
    private const DIGITS = 6;

    /** Six digits in two groups: read out easily, and seldom the same twice. */
    public static function next(): string
    {
        return implode('-', str_split(str_pad((string) random_int(0, 999_999), self::DIGITS, '0', \STR_PAD_LEFT), 3));
    }
}
