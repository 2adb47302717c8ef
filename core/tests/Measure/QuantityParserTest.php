<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Measure;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Wubbin\Core\Measure\QuantityParser;
use Wubbin\Core\Measure\Units;
use Wubbin\Core\Measure\UnreadableQuantity;

final class QuantityParserTest extends TestCase
{
    /** @return iterable<string, array{string, float}> */
    public static function lengths(): iterable
    {
        yield 'bare number, metric' => ['240', 240.0];
        yield 'millimetres' => ['240 mm', 240.0];
        yield 'no space' => ['240mm', 240.0];
        yield 'decimal comma' => ['21,6 cm', 216.0];
        yield 'decimal point' => ['21.6 cm', 216.0];
        yield 'metres' => ['1.2 m', 1200.0];
        yield 'words' => ['3 inches', 76.2];
        yield 'mixed fraction' => ['8 1/2 in', 215.9];
        yield 'hyphened fraction' => ['8-1/2 in', 215.9];
        yield 'bare fraction' => ['1/4 in', 6.35];
        yield 'vulgar fraction' => ['9½"', 241.3];
        yield 'vulgar fraction alone' => ['¾ in', 19.05];
        yield 'negative' => ['-5 mm', -5.0];
        yield 'negative with a minus sign' => ["\u{2212}5 mm", -5.0];
        yield 'negative fraction' => ['-1 1/2 in', -38.1];
        yield 'unbreakable space' => ["240\u{a0}mm", 240.0];
        yield 'capitals' => ['10 IN', 254.0];
        yield 'full stop after' => ['10 in.', 254.0];
        yield 'leading point' => ['.5 in', 12.7];
    }

    #[DataProvider('lengths')]
    public function testLengthsAsPeopleTypeThem(string $typed, float $mm): void
    {
        self::assertEqualsWithDelta($mm, (new QuantityParser())->length($typed)->mm, 1e-9);
    }

    public function testABareNumberIsReadInTheChosenUnits(): void
    {
        $us = new QuantityParser(Units::Us);
        self::assertEqualsWithDelta(254.0, $us->length('10')->mm, 1e-9);
        self::assertEqualsWithDelta(10.0, $us->length('10 mm')->mm, 1e-9);
        self::assertEqualsWithDelta(204.444444, $us->temperature('400')->celsius, 1e-5);
        self::assertEqualsWithDelta(200.0, $us->temperature('200 C')->celsius, 1e-9);
    }

    #[TestWith([''])]
    #[TestWith(['abc'])]
    #[TestWith(['12 mm 5'])]
    #[TestWith(['1/0 in'])]
    #[TestWith(['10 furlongs'])]
    #[TestWith(['1e9'])]
    #[TestWith(['10 s'])]
    #[TestWith(['1.000.000 mm'])]
    public function testWhatIsNoLengthIsRefusedWithAnExample(string $typed): void
    {
        $this->expectException(UnreadableQuantity::class);
        $this->expectExceptionMessage('such as 240 mm');
        (new QuantityParser())->length($typed);
    }

    /** @return iterable<string, array{string, float}> */
    public static function temperatures(): iterable
    {
        yield 'bare' => ['200', 200.0];
        yield 'degree sign' => ['200°', 200.0];
        yield 'celsius' => ['200 °C', 200.0];
        yield 'small f' => ['400f', 204.4444444];
        yield 'fahrenheit' => ['400 °F', 204.4444444];
        yield 'word' => ['392 fahrenheit', 200.0];
        yield 'degrees f' => ['392 degrees F', 200.0];
        yield 'comma' => ['37,5 C', 37.5];
    }

    #[DataProvider('temperatures')]
    public function testTemperaturesAsPeopleTypeThem(string $typed, float $celsius): void
    {
        self::assertEqualsWithDelta($celsius, (new QuantityParser())->temperature($typed)->celsius, 1e-6);
    }

    #[TestWith(['hot'])]
    #[TestWith(['200 K'])]
    #[TestWith(['-500 C'])]
    public function testWhatIsNoTemperatureIsRefused(string $typed): void
    {
        $this->expectException(UnreadableQuantity::class);
        (new QuantityParser())->temperature($typed);
    }

    /** @return iterable<string, array{string, float}> */
    public static function durations(): iterable
    {
        yield 'bare seconds' => ['18', 18.0];
        yield 'seconds' => ['18 s', 18.0];
        yield 'seconds, word' => ['18 seconds', 18.0];
        yield 'minutes' => ['30 min', 1800.0];
        yield 'both' => ['1 min 30 s', 90.0];
        yield 'run together' => ['1min30s', 90.0];
        yield 'clock' => ['1:30', 90.0];
        yield 'hours' => ['1.5 h', 5400.0];
        yield 'comma' => ['2,5 min', 150.0];
    }

    #[DataProvider('durations')]
    public function testTimesAsPeopleTypeThem(string $typed, float $seconds): void
    {
        self::assertEqualsWithDelta($seconds, (new QuantityParser())->duration($typed)->seconds, 1e-9);
    }

    #[TestWith(['soon'])]
    #[TestWith(['-3 s'])]
    #[TestWith(['1:75'])]
    #[TestWith([''])]
    public function testWhatIsNoTimeIsRefused(string $typed): void
    {
        $this->expectException(UnreadableQuantity::class);
        (new QuantityParser())->duration($typed);
    }

    public function testALongMistakeIsQuotedShort(): void
    {
        try {
            (new QuantityParser())->length(str_repeat('x', 1000));
            self::fail('A thousand letters are not a length.');
        } catch (UnreadableQuantity $e) {
            self::assertLessThan(200, mb_strlen($e->getMessage()));
        }
    }

    public function testAnEmptyFieldIsToldWhatToWrite(): void
    {
        $this->expectExceptionMessageMatches('/^Write a number with mm/');
        (new QuantityParser())->length(' ');
    }
}
