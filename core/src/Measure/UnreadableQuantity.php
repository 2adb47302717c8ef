<?php

declare(strict_types=1);

namespace Wubbin\Core\Measure;

/** What a person typed cannot be read as the quantity that was asked for, or lies outside what makes sense. */
final class UnreadableQuantity extends \InvalidArgumentException
{
    public static function notALength(string $typed): self
    {
        return new self(
            self::told($typed, 'a length') . 'Write a number with mm, cm or in, such as 240 mm or 9 1/2 in.',
        );
    }

    public static function notATemperature(string $typed): self
    {
        return new self(self::told($typed, 'a temperature') . 'Write a number with C or F, such as 200 C or 400 F.');
    }

    public static function notADuration(string $typed): self
    {
        return new self(self::told($typed, 'a time') . 'Write a number with s, min or h, such as 18 s or 30 min.');
    }

    public static function notMoney(string $typed): self
    {
        return new self(self::told($typed, 'an amount of money') . 'Write a number such as 12.50.');
    }

    public static function tooFine(string $typed, string $currency, int $digits): self
    {
        return new self(
            0 === $digits
                ? sprintf('%s has no smaller unit. Write a whole number.', $currency)
                : sprintf('%s has %d digits behind the point, “%s” has more.', $currency, $digits, trim($typed)),
        );
    }

    public static function outOfRange(string $what, string $least, string $most): self
    {
        return new self(sprintf('%s must be from %s to %s.', $what, $least, $most));
    }

    /** What is wrong with it; of an empty field nothing but what to write. */
    private static function told(string $typed, string $what): string
    {
        return '' === trim($typed)
            ? ''
            : sprintf('“%s” is not %s. ', mb_strlen($typed) > 40 ? mb_substr($typed, 0, 40) . '…' : $typed, $what);
    }
}
