<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Measure;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Wubbin\Core\Measure\Currency;
use Wubbin\Core\Measure\Money;
use Wubbin\Core\Measure\UnreadableQuantity;

final class MoneyTest extends TestCase
{
    #[TestWith(['12.50', 'EUR', 1250])]
    #[TestWith(['12,5', 'EUR', 1250])]
    #[TestWith(['€ 3', 'EUR', 300])]
    #[TestWith(['0', 'EUR', 0])]
    #[TestWith(['-4.20', 'EUR', -420])]
    #[TestWith(['1 200', 'JPY', 1200])]
    #[TestWith(['1200 JPY', 'JPY', 1200])]
    #[TestWith(['800.00', 'JPY', 800])]
    #[TestWith(['1.234', 'KWD', 1234])]
    #[TestWith(['10 000 000 000', 'EUR', 1_000_000_000_000])]
    public function testReadsWhatPeopleType(string $typed, string $currency, int $minor): void
    {
        self::assertSame($minor, Money::read($typed, Currency::of($currency))->minor);
    }

    #[TestWith(['', 'EUR'])]
    #[TestWith(['cheap', 'EUR'])]
    #[TestWith(['1.234', 'EUR'])]
    #[TestWith(['12.50', 'JPY'])]
    #[TestWith(['1e5', 'EUR'])]
    #[TestWith(['12 5', 'EUR'])]
    #[TestWith(['99999999999999999999', 'EUR'])]
    public function testRefusesWhatIsNoAmount(string $typed, string $currency): void
    {
        $this->expectException(UnreadableQuantity::class);
        Money::read($typed, Currency::of($currency));
    }

    public function testACurrencyWithoutMinorUnitsSaysSo(): void
    {
        $this->expectExceptionMessage('JPY has no smaller unit');
        Money::read('12.50', Currency::of('JPY'));
    }

    /** ISO 4217, from memory: the yen has none, the dinar of Kuwait three, the euro two. */
    #[TestWith(['JPY', 1, '1200'])]
    #[TestWith(['EUR', 100, '12.00'])]
    #[TestWith(['KWD', 1000, '1.200'])]
    public function testMinorUnits(string $code, int $units, string $text): void
    {
        self::assertSame($units, Currency::of($code)->units());
        self::assertSame($text, Money::minor(1200, Currency::of($code))->text());
    }

    public function testACurrencyIsThreeCapitals(): void
    {
        $this->expectException(UnreadableQuantity::class);
        Currency::of('euro');
    }

    /**
     * Seats by largest remainder: the worked example of handbooks (Hamilton’s method, 100 000 votes and ten seats; from
     * memory): 47, 16, 15.8, 12, 6.1 and 3.1 thousand give 5, 2, 1, 1, 1 and 0.
     */
    public function testTheLargestRemainderAsHandbooksHaveIt(): void
    {
        self::assertSame(
            ['yellows' => 5, 'whites' => 2, 'reds' => 1, 'greens' => 1, 'blues' => 1, 'pinks' => 0],
            Money::apportioned([
                'yellows' => 4.7,
                'whites' => 1.6,
                'reds' => 1.58,
                'greens' => 1.2,
                'blues' => 0.61,
                'pinks' => 0.31,
            ]),
        );
    }

    public function testPartsAddUpToTheWhole(): void
    {
        $random = new Randomizer(new Mt19937(5));
        for ($n = 0; $n < 300; ++$n) {
            $parts = [];
            for ($part = 0; $part < $random->getInt(1, 12); ++$part) {
                $parts['p' . $part] = $random->getInt(0, 1_000_000) / 997.0;
            }
            $whole = Money::apportioned($parts);
            self::assertSame((int) round(array_sum($parts)), array_sum($whole));
            foreach ($parts as $name => $part) {
                self::assertLessThan(1.0, abs($part - $whole[$name]));
            }
        }
    }
}
