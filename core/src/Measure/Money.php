<?php

declare(strict_types=1);

namespace Wubbin\Core\Measure;

/** An amount of money: a whole number of minor units of a currency. */
final readonly class Money
{
    /**
     * A billion of the largest minor units is more than any shop here turns over, and far from the edge of integers.
     */
    private const MOST = 1_000_000_000_000;

    private function __construct(public int $minor, public Currency $currency) {}

    public static function minor(int $minor, Currency $currency): self
    {
        return new self($minor, $currency);
    }

    /**
     * Reads “12.50”, “12,50”, “€ 3” or “1 200 JPY”. Comma and point both mark decimals, as with lengths.
     *
     * @throws UnreadableQuantity where there is no amount, or it has more digits than the currency
     */
    public static function read(string $typed, Currency $currency): self
    {
        $text = trim((string) preg_replace('/' . $currency->code . '|\p{Sc}/u', '', Digits::ascii($typed)));
        if (1 !== preg_match('/^([+-]?)(\d{1,3}(?:[ \x{00A0}\x{202F}]\d{3})+|\d+)(?:[.,](\d*))?$/u', $text, $found)) {
            throw UnreadableQuantity::notMoney($typed);
        }
        $decimals = rtrim($found[3] ?? '', '0');
        if (strlen($decimals) > $currency->digits) {
            throw UnreadableQuantity::tooFine($typed, $currency->code, $currency->digits);
        }
        $whole = (string) preg_replace('/\D/u', '', $found[2]);
        $minor = strlen($whole) > 12 ? self::MOST + 1 : (int) ($whole . str_pad($decimals, $currency->digits, '0'));
        if ($minor > self::MOST) {
            throw UnreadableQuantity::outOfRange('An amount', '0', '10 000 000 000');
        }

        return new self('-' === $found[1] ? -$minor : $minor, $currency);
    }

    /** “12.50”. */
    public function text(): string
    {
        return number_format($this->minor / $this->currency->units(), $this->currency->digits, '.', '');
    }

    /**
     * Whole numbers for parts, so that they add up to their sum, rounded: each is rounded down, and those that lost
     * most get one more (largest remainder, Hamilton's method of apportionment).
     *
     * @param array<string, float> $parts
     *
     * @return array<string, int>
     */
    public static function apportioned(array $parts): array
    {
        $whole = array_map(static fn(float $part): int => (int) floor($part), $parts);
        $left = (int) round(array_sum($parts)) - array_sum($whole);
        $lost = array_map(static fn(float $part): float => $part - floor($part), $parts);
        arsort($lost);
        foreach (array_slice(array_keys($lost), 0, max(0, $left)) as $part) {
            ++$whole[$part];
        }

        return $whole;
    }
}
