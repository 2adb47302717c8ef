<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Measure;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Wubbin\Core\Measure\Currency;
use Wubbin\Core\Measure\Digits;
use Wubbin\Core\Measure\Money;
use Wubbin\Core\Measure\PlainNumber;
use Wubbin\Core\Measure\QuantityParser;
use Wubbin\Core\Measure\UnreadableQuantity;

final class DigitsTest extends TestCase
{
    /** @return iterable<string, array{string, string}> */
    public static function scripts(): iterable
    {
        yield 'of full width' => ['１２.５', '12.5'];
        yield 'one of them alone' => ['1２', '12'];
        yield 'Arabic' => ['١٢٫٥', '12.5'];
        yield 'Persian' => ['۱۲', '12'];
        yield 'Devanagari' => ['१२', '12'];
        yield 'mathematical bold' => ['𝟏𝟐', '12'];
        yield 'no digits at all' => ['zwölf', 'zwölf'];
    }

    #[DataProvider('scripts')]
    public function testDigitsOfAnyScriptAreTheSameDigits(string $typed, string $ascii): void
    {
        self::assertSame($ascii, Digits::ascii($typed));
    }

    /** The values are ICU's, which counts each digit otherwise than this project does: by the formatter of a locale. */
    public function testTheyAreWhatTheirOwnScriptWrites(): void
    {
        foreach (['ar-u-nu-arab', 'fa', 'mr-u-nu-deva', 'bn', 'th-u-nu-thai', 'my', 'km-u-nu-khmr'] as $locale) {
            $written = (string) (new \NumberFormatter($locale, \NumberFormatter::PATTERN_DECIMAL, '0'))->format(
                9_876_543_210,
            );
            self::assertSame('9876543210', Digits::ascii($written), $locale);
        }
    }

    public function testNothingOfALengthIsCut(): void
    {
        $parser = new QuantityParser();
        self::assertSame(120.0, $parser->length('1２ cm')->mm);
        self::assertSame(100.0, $parser->length('1٠٠')->mm);
        self::assertSame(200.0, $parser->temperature('２００ C')->celsius);
        self::assertSame(90.0, $parser->duration('１ min ３０')->seconds);
    }

    public function testNorOfMoneyNorOfANumber(): void
    {
        self::assertSame(1250, Money::read('１２.５', Currency::of('EUR'))->minor);
        self::assertSame(12.5, PlainNumber::read('١٢٫٥', 100.0));
        self::assertSame(12, PlainNumber::whole('1２', 100));
        self::assertNull(PlainNumber::whole('3abc', 100));
        self::assertNull(PlainNumber::whole("3\n4", 100));
    }

    public function testTextThatIsNotUtf8IsRefusedAndNotCut(): void
    {
        $this->expectException(UnreadableQuantity::class);
        (new QuantityParser())->length("12\xff cm");
    }
}
