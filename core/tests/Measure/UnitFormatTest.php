<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Measure;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Wubbin\Core\Measure\Duration;
use Wubbin\Core\Measure\Phrase;
use Wubbin\Core\Measure\Quantity;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Measure\Size;
use Wubbin\Core\Measure\Temperature;
use Wubbin\Core\Measure\UnitFormat;
use Wubbin\Core\Measure\Units;

/** The figures are in a fixture, so that the page's formatter is held to the same ones. */
final class UnitFormatTest extends TestCase
{
    /** @return iterable<string, array{Quantity, string, string}> */
    public static function figures(): iterable
    {
        $fixture = (string) file_get_contents(dirname(__DIR__) . '/fixtures/figures.json');
        foreach (Record::of(json_decode($fixture, true))->each() as $i => $figure) {
            $value = $figure->number('value');
            $to = $figure->numberOrNull('to');
            $quantity = match ($figure->string('kind')) {
                'length' => Quantity::length($value),
                'size' => Quantity::size(Size::mm($value, $to ?? 0.0)),
                'temperature' => Quantity::temperature(
                    Temperature::celsius($value),
                    null === $to ? null : Temperature::celsius($to),
                ),
                'duration' => Quantity::duration(
                    Duration::seconds($value),
                    null === $to ? null : Duration::seconds($to),
                ),
                'speed' => Quantity::speed($value),
                'count' => Quantity::count($value),
                'resolution' => Quantity::resolution($value),
                default => throw new \LogicException('Unknown kind.'),
            };
            yield $i . ' ' . $figure->string('metric') => [$quantity, $figure->string('metric'), $figure->string('us')];
        }
    }

    #[DataProvider('figures')]
    public function testFiguresInBothSystems(Quantity $quantity, string $metric, string $us): void
    {
        self::assertSame($metric, (new UnitFormat())->quantity($quantity));
        self::assertSame($us, (new UnitFormat(Units::Us))->quantity($quantity));
    }

    public function testDecimalComma(): void
    {
        self::assertSame('19,7 mm', (new UnitFormat(Units::Metric, true))->quantity(Quantity::length(19.7)));
        self::assertSame('240 mm', (new UnitFormat(Units::Metric, true))->quantity(Quantity::length(240.0)));
    }

    /** Who reads a caliper wants decimals; nothing is rounded to nothing. */
    public function testInchesAreDecimalsOnWish(): void
    {
        $format = new UnitFormat(Units::Us, decimalInches: true);
        self::assertSame('9.45 in', $format->quantity(Quantity::length(240.0)));
        self::assertSame('0.014 in', $format->quantity(Quantity::length(0.35)));
        self::assertSame('0,5 in', (new UnitFormat(Units::Us, true, true))->quantity(Quantity::length(12.7)));
    }

    public function testASentenceCarriesItsFigures(): void
    {
        $phrase = Phrase::of('{width} wide, after {wait}.', [
            'width' => Quantity::length(254.0),
            'wait' => Quantity::duration(Duration::seconds(70.0)),
        ]);
        self::assertSame('254 mm wide, after 70 s.', (new UnitFormat())->phrase($phrase));
        self::assertSame('10 in wide, after 70 s.', (new UnitFormat(Units::Us))->phrase($phrase));
    }

    public function testASentenceMustNameJustTheFiguresItHas(): void
    {
        $this->expectException(\LogicException::class);
        Phrase::of('{width} wide', ['height' => Quantity::length(1.0)]);
    }
}
