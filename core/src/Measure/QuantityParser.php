<?php

declare(strict_types=1);

namespace Wubbin\Core\Measure;

/**
 * Reads lengths, temperatures and times as people type them: "8 1/2 in", "9½\"", "21,6 cm", "400F", "1 min 30 s".
 *
 * A number without a unit is read in the units the person has chosen; comma and point both mark decimals,
 * since nobody types a shirt print with a thousands separator.
 */
final readonly class QuantityParser
{
    private const NUMBER =
        '(?:(?<whole>[+-]?\d+)[ -]+(?<part_top>\d+)\/(?<part_bottom>\d+)|' .
        '(?<top>[+-]?\d+)\/(?<bottom>\d+)|(?<decimal>[+-]?(?:\d+(?:[.,]\d*)?|[.,]\d+)))';

    private const VULGAR = [
        '½' => ' 1/2',
        '¼' => ' 1/4',
        '¾' => ' 3/4',
        '⅛' => ' 1/8',
        '⅜' => ' 3/8',
        '⅝' => ' 5/8',
        '⅞' => ' 7/8',
        '⅓' => ' 1/3',
        '⅔' => ' 2/3',
    ];

    public function __construct(private Units $units = Units::Metric) {}

    /** @throws UnreadableQuantity */
    public function length(string $typed): Length
    {
        $found = $this->match($typed, 'mm|millimet(?:er|re)s?|cm|centimet(?:er|re)s?|m|in|inch|inches|"|″|”|\'\'');
        if (null === $found) {
            throw UnreadableQuantity::notALength($typed);
        }
        [$number, $unit] = $found;
        $mm = match (true) {
            '' === $unit => Units::Metric === $this->units ? 1.0 : Length::MM_PER_INCH,
            str_starts_with($unit, 'mm'), str_starts_with($unit, 'mil') => 1.0,
            str_starts_with($unit, 'c') => 10.0,
            'm' === $unit => 1000.0,
            default => Length::MM_PER_INCH,
        };

        return Length::mm($number * $mm);
    }

    /** @throws UnreadableQuantity */
    public function temperature(string $typed): Temperature
    {
        $found = $this->match($typed, '°? ?[cf]|°|celsius|fahrenheit|degrees? [cf]');
        if (null === $found) {
            throw UnreadableQuantity::notATemperature($typed);
        }
        [$number, $unit] = $found;
        $fahrenheit =
            '' === $unit || '°' === $unit ? Units::Us === $this->units : 1 === preg_match('/f$|^fahrenheit$/', $unit);

        return $fahrenheit ? Temperature::fahrenheit($number) : Temperature::celsius($number);
    }

    /**
     * A number alone means seconds; "1:30" means a minute and a half. After minutes it means seconds and after hours
     * minutes, as in "1 min 30"; beside another number without a unit it means nothing.
     *
     * @throws UnreadableQuantity
     */
    public function duration(string $typed): Duration
    {
        $text = $this->tidy($typed);
        if (1 === preg_match('/^(\d+):([0-5]\d)$/', $text, $clock)) {
            return Duration::seconds((int) $clock[1] * 60 + (int) $clock[2]);
        }
        $unit = '(?:s|secs?|seconds?|m|mins?|minutes?|h|hrs?|hours?)';
        if (1 !== preg_match('/^(?:\d+(?:[.,]\d+)?(?: ?' . $unit . ')? ?)+$/', $text)) {
            throw UnreadableQuantity::notADuration($typed);
        }
        preg_match_all('/(\d+(?:[.,]\d+)?) ?([a-z]*)/', $text, $parts, \PREG_SET_ORDER);
        $seconds = 0.0;
        $before = count($parts) > 1 ? 0.0 : 60.0;
        foreach ($parts as $part) {
            $unit = match ($part[2][0] ?? '') {
                'h' => 3600.0,
                'm' => 60.0,
                's' => 1.0,
                default => $before / 60.0,
            };
            // After seconds nothing smaller is left, and before any unit nobody knows what is meant.
            if ($unit < 1.0) {
                throw UnreadableQuantity::notADuration($typed);
            }
            $seconds += (float) str_replace(',', '.', $part[1]) * $unit;
            $before = $unit;
        }

        return Duration::seconds($seconds);
    }

    /** @return array{float, string}|null the number and its unit in lower case, or null when it is neither */
    private function match(string $typed, string $units): ?array
    {
        if (
            1 !==
            preg_match(
                '/^' . self::NUMBER . ' ?(?<unit>' . $units . ')?\.?$/u',
                $this->tidy($typed),
                $found,
                \PREG_UNMATCHED_AS_NULL,
            )
        ) {
            return null;
        }
        if (null !== $found['decimal']) {
            $number = (float) str_replace(',', '.', $found['decimal']);
        } else {
            $bottom = (int) ($found['part_bottom'] ?? $found['bottom']);
            if (0 === $bottom) {
                return null;
            }
            $whole = (float) ($found['whole'] ?? 0);
            $part = (int) ($found['part_top'] ?? $found['top']) / $bottom;
            $number = str_starts_with($found['whole'] ?? '', '-') ? $whole - $part : $whole + $part;
        }

        return [$number, $found['unit'] ?? ''];
    }

    private function tidy(string $typed): string
    {
        $text = strtr(mb_strtolower(Digits::ascii($typed)), self::VULGAR);
        $text = str_replace(["\u{2212}", "\u{a0}", "\u{202f}"], ['-', ' ', ' '], $text);

        return trim((string) preg_replace('/\s+/u', ' ', $text));
    }
}
