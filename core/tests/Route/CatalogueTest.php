<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Route;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Yaml\Yaml;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Colour;
use Wubbin\Core\Measure\Provenance;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Route\HeatSource;
use Wubbin\Core\Tests\Orchard;

final class CatalogueTest extends TestCase
{
    /** Source: ISO 3758:2012, ironing symbols, soleplate at 110, 150 and 200 °C (from memory). */
    #[TestWith([1, 110.0])]
    #[TestWith([2, 150.0])]
    #[TestWith([3, 200.0])]
    public function testIronDots(int $dots, float $celsius): void
    {
        assert($dots >= 1 && $dots <= 3);
        self::assertSame($celsius, Orchard::catalogue()->heat->dotTemperature($dots)->celsius);
    }

    public function testEveryFigureSaysWhereItComesFrom(): void
    {
        $files = (array) glob(dirname(__DIR__, 2) . '/data/*.yaml');
        self::assertNotEmpty($files);
        foreach ($files as $file) {
            self::assertNumbersHaveProvenance(Yaml::parseFile((string) $file), false, basename((string) $file));
        }
    }

    #[TestWith(['#1f4d2b', 'dark green'])]
    #[TestWith(['#abcdef', '#abcdef'])]
    public function testColoursAreNamedWhereTheyHaveAName(string $hex, string $name): void
    {
        self::assertSame($name, Orchard::catalogue()->colours->nameOf(Colour::hex($hex)));
    }

    /** @param array<string, mixed> $over */
    #[TestWith([['plate_width_mm' => 0], 'plate_width_mm'])]
    #[TestWith([['plate_length_mm' => 1201], 'plate_length_mm'])]
    #[TestWith([['dots' => 4], 'dots'])]
    #[TestWith([['dots' => 0], 'dots'])]
    #[TestWith([['kind' => 'flat-press', 'from_c' => 200, 'to_c' => 100], 'to_c'])]
    #[TestWith([['kind' => 'flat-press', 'from_c' => 100, 'to_c' => 900], 'to_c'])]
    #[
        TestWith([
            ['kind' => 'mug-press', 'from_c' => 100, 'to_c' => 200, 'diameter_from_mm' => 90, 'diameter_to_mm' => 80],
            'diameter_to_mm',
        ]),
    ]
    #[TestWith([['kind' => 'cauldron'], 'kind'])]
    public function testAHeatSourceThatCannotBeIsRefusedAtItsField(array $over, string $field): void
    {
        $record = [
            ...[
                'id' => 'x',
                'label' => 'x',
                'kind' => 'iron',
                'plate_width_mm' => 115,
                'plate_length_mm' => 210,
                'dots' => 3,
                'steam' => false,
            ],
            ...$over,
        ];
        try {
            HeatSource::fromRecord(Record::of($record), Provenance::person());
            self::fail('It was let through.');
        } catch (BadRecord $e) {
            self::assertSame($field, $e->field);
        }
    }

    /** A number is covered by a provenance beside it, or by one of a mapping that holds it. */
    private static function assertNumbersHaveProvenance(mixed $node, bool $covered, string $path): void
    {
        if (is_int($node) || is_float($node)) {
            self::assertTrue($covered, $path . ' has no provenance');
        }
        if (!is_array($node)) {
            return;
        }
        $covered =
            $covered ||
            [] !==
                array_filter(
                    array_keys($node),
                    static fn(int|string $key): bool => str_contains((string) $key, 'provenance'),
                );
        foreach ($node as $key => $value) {
            self::assertNumbersHaveProvenance($value, $covered, $path . '.' . $key);
        }
    }
}
