<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Measure;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Wubbin\Core\Measure\Temperature;
use Wubbin\Core\Measure\UnreadableQuantity;

final class TemperatureTest extends TestCase
{
    /**
     * Source: NIST SP 811, appendix B.8 and B.9, °C = (°F − 32) / 1.8 (from memory); fixed points of the scales.
     *
     * @return iterable<string, array{float, float}>
     */
    public static function pairs(): iterable
    {
        yield 'ice' => [32.0, 0.0];
        yield 'steam' => [212.0, 100.0];
        yield 'where both read alike' => [-40.0, -40.0];
        yield 'a garment press' => [400.0, 204.4444444];
        yield 'a mug press' => [360.0, 182.2222222];
        yield 'absolute zero' => [-459.67, -273.15];
    }

    #[DataProvider('pairs')]
    public function testFahrenheitAndCelsiusMeanTheSame(float $fahrenheit, float $celsius): void
    {
        self::assertEqualsWithDelta($celsius, Temperature::fahrenheit($fahrenheit)->celsius, 1e-6);
    }

    #[TestWith([-273.16])]
    #[TestWith([\NAN])]
    #[TestWith([\INF])]
    public function testWhatCannotBeATemperatureIsRefused(float $celsius): void
    {
        $this->expectException(UnreadableQuantity::class);
        Temperature::celsius($celsius);
    }
}
