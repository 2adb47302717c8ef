<?php

declare(strict_types=1);

namespace Wubbin\Core\Measure;

/** A number as people type it where it has no unit: comma and point both mark decimals, up to three of them. */
final class PlainNumber
{
    /** From 0 to the most, a per cent sign left aside; null where it is no such number. */
    public static function read(string $typed, float $most): ?float
    {
        $text = str_replace(',', '.', trim(Digits::ascii($typed), " %\t"));

        return 1 === preg_match('/^\d{1,7}(?:\.\d{1,3})?$/D', $text) && (float) $text <= $most ? (float) $text : null;
    }

    /** A whole number from 0 to the most; null where it is none. */
    public static function whole(string $typed, int $most): ?int
    {
        $text = trim(Digits::ascii($typed));

        return 1 === preg_match('/^\d{1,12}$/D', $text) && (int) $text <= $most ? (int) $text : null;
    }
}
