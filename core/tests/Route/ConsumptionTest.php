<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Route;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Route\Consumption;
use Wubbin\Core\Route\Ink;
use Wubbin\Core\Tests\Orchard;

final class ConsumptionTest extends TestCase
{
    /** @return array<string, mixed> */
    private static function figures(): array
    {
        return [
            'ink' => ['dye' => ['amount' => 12, 'unit' => 'ml', 'provenance' => ['kind' => 'assumed']]],
            'tape' => ['mm' => 120, 'provenance' => ['kind' => 'assumed']],
            'covers' => ['parchment' => ['uses' => 10, 'provenance' => ['kind' => 'assumed']]],
        ];
    }

    /** Hands draw with what nobody measures; every printer's ink has an amount, and where it comes from. */
    public function testEveryInkOfAPrinterHasAnAmount(): void
    {
        $consumption = Orchard::catalogue()->consumption;
        foreach (Ink::cases() as $ink) {
            $amount = $consumption->ink($ink);
            self::assertSame(Ink::Hand === $ink, null === $amount);
            self::assertNotSame('', $amount[2]->source ?? 'by hand');
        }
    }

    /** A page of A4 in full black takes some three tenths of a gram of toner: 0.0624 m² at 5 g. */
    public function testAPageOfFullBlack(): void
    {
        [$amount, $unit] = Orchard::catalogue()->consumption->ink(Ink::Toner) ?? [0.0, ''];
        self::assertSame('g', $unit);
        self::assertEqualsWithDelta(0.31, 0.21 * 0.297 * $amount, 0.01);
    }

    public function testEveryCoverIsUsedSomeTimes(): void
    {
        foreach (array_keys(Orchard::catalogue()->supports->covers) as $cover) {
            self::assertNotSame('nobody said how often', Orchard::catalogue()->consumption->cover($cover)[1]->source);
        }
        self::assertSame(
            1,
            Orchard::catalogue()->consumption->cover('a shop’s own')[0],
            'of what nobody knows one is used each time',
        );
    }

    #[TestWith(['ink', ['dye' => ['amount' => 0, 'unit' => 'ml', 'provenance' => ['kind' => 'assumed']]]])]
    #[TestWith(['tape', ['mm' => -1, 'provenance' => ['kind' => 'assumed']]])]
    public function testWhatUsesNothingIsRefused(string $part, mixed $with): void
    {
        $this->expectException(BadRecord::class);
        Consumption::fromRecord(Record::of([$part => $with] + self::figures()));
    }

    public function testItReadsWhatItSays(): void
    {
        $consumption = Consumption::fromRecord(Record::of(self::figures()));
        self::assertSame([12.0, 'ml'], array_slice($consumption->ink(Ink::Dye) ?? [], 0, 2));
        self::assertSame([120.0, 10], [$consumption->tapeMm, $consumption->cover('parchment')[0]]);
        self::assertNull($consumption->ink(Ink::Pigment));
    }
}
