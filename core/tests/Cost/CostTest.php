<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Cost;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Wubbin\Core\Artwork\Bitmap;
use Wubbin\Core\Artwork\Palette;
use Wubbin\Core\Artwork\Picture;
use Wubbin\Core\Artwork\PictureKind;
use Wubbin\Core\Artwork\Traits;
use Wubbin\Core\Cost\Batch;
use Wubbin\Core\Cost\Cheaper;
use Wubbin\Core\Cost\CostLine;
use Wubbin\Core\Cost\CostSheet;
use Wubbin\Core\Cost\Item;
use Wubbin\Core\Cost\Ledger;
use Wubbin\Core\Cost\Movement;
use Wubbin\Core\Cost\Needs;
use Wubbin\Core\Cost\Price;
use Wubbin\Core\Cost\Quote;
use Wubbin\Core\Cost\Rates;
use Wubbin\Core\Cost\Shortage;
use Wubbin\Core\Job\Job;
use Wubbin\Core\Log\SuccessShare;
use Wubbin\Core\Measure\Colour;
use Wubbin\Core\Tests\Orchard;
use Wubbin\Core\Work\Places;
use Wubbin\Core\Work\Work;

final class CostTest extends TestCase
{
    /** A picture that is a solid of pure cyan: one ink, laid on in full. */
    private static function cyan(): Picture
    {
        return Picture::fromFile(
            str_repeat('a', 64),
            'cyan.png',
            PictureKind::Raster,
            2400.0,
            1900.0,
            false,
            Traits::of(Bitmap::fromRgba(24, 19, str_repeat("\0\xFF\xFF\xFF", 24 * 19))),
        );
    }

    private static function needs(Job $job, int $pieces, int $spares = 0): Needs
    {
        return Needs::forPieces(
            $job,
            Orchard::whole($job, self::cyan()),
            $pieces,
            [str_repeat('a', 64) => self::cyan()],
            Orchard::catalogue(),
            $spares,
        );
    }

    private static function batch(Job $job, int $pieces): Batch
    {
        $plan = Orchard::whole($job, self::cyan());

        return Batch::forWork(
            $plan,
            Work::forPieces($plan, $pieces, new Places(6, 6)),
            Orchard::shelf(),
            Orchard::catalogue(),
        );
    }

    /** @return array<string, Ledger> */
    private static function stock(): array
    {
        return [
            'sheet film-clear-a4' => Ledger::of([Movement::bought(10.0, 900)]),
            'ink inkjet-dye' => Ledger::of([Movement::bought(40.0, 2000)]),
            'blank shirt M #ffffff' => Ledger::of([Movement::bought(20.0, 9000)]),
        ];
    }

    /** @return array<string, CostLine> */
    private static function lines(CostSheet $sheet): array
    {
        return array_column(array_map(static fn(CostLine $line): array => [$line->id, $line], $sheet->lines), 1, 0);
    }

    /** Pure inks, and black by replacing what is grey in three. */
    #[TestWith(['#00ffff', 1.0])]
    #[TestWith(['#ff0000', 2.0])]
    #[TestWith(['#000000', 1.0])]
    #[TestWith(['#ffffff', 0.0])]
    #[TestWith(['#808080', 0.498])]
    public function testHowMuchInkAColourTakes(string $colour, float $ink): void
    {
        self::assertEqualsWithDelta($ink, Palette::ofColours([[Colour::hex($colour), 1.0]])->coverage(true), 0.001);
    }

    public function testAPrinterWithoutColourTakesByDarkness(): void
    {
        self::assertEqualsWithDelta(1.0, Palette::ofColours([[Colour::hex('#000000'), 1.0]])->coverage(false), 1e-9);
        self::assertEqualsWithDelta(0.0, Palette::ofColours([[Colour::hex('#ffffff'), 1.0]])->coverage(false), 1e-9);
    }

    /**
     * Worked by hand: four shirts with a solid of cyan, 240 × 190 mm, on A4 film at 0.90 a sheet, shirts at 4.50, ink
     * at 0.50 a ml. Film: a sheet each, 4 × 0.90. Ink: 4 × 0.240 × 0.190 m² × 12 ml = 2.1888 ml, 1.0944. Shirts: 18.00.
     */
    public function testACostSheetWorkedByHand(): void
    {
        $job = Orchard::edited(['quantity' => '4']);
        $needs = self::needs($job, 4);
        self::assertSame(4.0, $needs->amounts['sheet film-clear-a4']);
        self::assertEqualsWithDelta(2.1888, $needs->amounts['ink inkjet-dye'], 1e-9);
        $batch = self::batch($job, 4);
        $sheet = CostSheet::forPieces(4, $needs, $batch, new Rates(hour: 2000, kwh: 30), self::stock(), null);
        $lines = self::lines($sheet);
        self::assertEqualsWithDelta(360.0, $lines['sheet']->exact, 1e-9);
        self::assertEqualsWithDelta(109.44, $lines['ink']->exact, 1e-9);
        self::assertEqualsWithDelta(1800.0, $lines['blank']->exact, 1e-9);
        self::assertEqualsWithDelta((2000.0 * $batch->handsS) / 3600.0, $lines['hands']->exact, 1e-9);
        self::assertSame(
            $sheet->total,
            array_sum(array_map(static fn(CostLine $line): int => $line->minor, $sheet->lines)),
            'to the last cent',
        );
        self::assertTrue($sheet->whole());
    }

    /** The iron: 2400 W; heated up by 180 K at 20 000 J/m²K and 80 000 W/m², 45 s, once. */
    public function testElectricityIsPowerTimesTime(): void
    {
        $one = self::batch(Orchard::job(), 1);
        $four = self::batch(Orchard::job(), 4);
        self::assertEqualsWithDelta((2400.0 * 45.0) / 3.6e6, $one->heatUpKwh(), 1e-9);
        self::assertSame($one->heatUpWs, $four->heatUpWs, 'the batch shares it');
        self::assertEqualsWithDelta(4.0 * $one->heldWs, $four->heldWs, 1e-6);
        $plan = Orchard::whole();
        $heated = array_sum(
            array_map(
                static fn($step): float => in_array($step->kind->value, ['prepress', 'heat'], true)
                    ? $step->duration->seconds
                    : 0.0,
                $plan->steps(),
            ),
        );
        self::assertEqualsWithDelta(2400.0 * $heated, $one->heldWs, 2400.0);
    }

    /** Nine good of ten at the first try: posterior mean 9.5 of 11; whoever is good pays for the rest. */
    public function testLossesArePaidByWhatComesOut(): void
    {
        $job = Orchard::job();
        $of = static fn(?SuccessShare $share): CostSheet => CostSheet::forPieces(
            1,
            self::needs($job, 1),
            self::batch($job, 1),
            new Rates(hour: 2000, kwh: 30, overhead: 0.1),
            self::stock(),
            $share,
        );
        $none = $of(null);
        $some = $of(new SuccessShare(9, 1));
        self::assertEqualsWithDelta(($none->each() * 11.0) / 9.5, $some->each(), 1e-9);
        self::assertSame($none->each(), $of(new SuccessShare(3, 1))->each(), 'of fewer than five nothing is said');
        self::assertNull($of(new SuccessShare(3, 1))->success);
    }

    public function testWhatHasNoPriceIsNotCountedAndNamed(): void
    {
        $job = Orchard::job();
        $sheet = CostSheet::forPieces(1, self::needs($job, 1), self::batch($job, 1), new Rates(), [], null);
        self::assertFalse($sheet->whole());
        self::assertSame(0, $sheet->total);
        $lines = self::lines($sheet);
        self::assertSame(
            ['sheet film-clear-a4', 'hour', 'kwh'],
            [$lines['sheet']->wanted, $lines['hands']->wanted, $lines['energy']->wanted],
        );
        self::assertNull($lines['sheet']->of(1)['minor']);
    }

    public function testSizesAndColoursAreNeededEach(): void
    {
        $job = Orchard::job([
            'quantity' => 10,
            'breakdown' => [
                ['quantity' => 6, 'size' => 'S', 'colour' => null, 'width_mm' => null],
                ['quantity' => 4, 'size' => 'L', 'colour' => '#1f4d2b', 'width_mm' => null],
            ],
        ]);
        $needs = self::needs($job, 10);
        self::assertSame(
            [6.0, 4.0],
            [$needs->amounts['blank shirt S #ffffff'], $needs->amounts['blank shirt L #1f4d2b']],
        );
        self::assertSame(10.0, $needs->amounts['sheet film-clear-a4']);
        self::assertSame(
            5.0,
            array_sum(
                array_intersect_key(self::needs($job, 5)->amounts, [
                    'blank shirt S #ffffff' => 1,
                    'blank shirt L #1f4d2b' => 1,
                ]),
            ),
            'half of them in the same proportion',
        );
    }

    public function testManyOnASheetShareIt(): void
    {
        $job = Orchard::edited(['width' => '50 mm']);
        $holds = Orchard::whole(Orchard::edited(['width' => '50 mm', 'quantity' => '200']), self::cyan())
            ->sheets()
            ->fullest();
        self::assertGreaterThan(8, $holds);
        self::assertSame(1.0, self::needs($job, $holds)->amounts['sheet film-clear-a4']);
        self::assertSame(
            2.0,
            self::needs($job, $holds + 1)->amounts['sheet film-clear-a4'],
            'a second one is bought whole',
        );
        self::assertSame(3.0, self::needs($job, $holds + 1, 1)->amounts['sheet film-clear-a4'], 'and a spare');
    }

    /** A mug: tape on each, four strips of 30 mm; and hand routes take no printer’s ink. */
    public function testTapeAndHands(): void
    {
        self::assertEqualsWithDelta(0.6, self::needs(Orchard::jobOf('laser-ceramic'), 5)->amounts['tape heat'], 1e-9);
        $kinds = array_map(
            static fn($item): string => $item->stuff->value,
            self::needs(
                Orchard::jobOf('handmade-wax', [
                    'choices' => ['things' => ['marking' => 'marker'], 'schools' => [], 'figures' => []],
                ]),
                3,
            )->items,
        );
        self::assertNotContains('ink', $kinds);
    }

    public function testCheaperWaysAreToldWhatSavesMostFirst(): void
    {
        $of = static fn(int $each): CostSheet => CostSheet::forPieces(
            1,
            self::needs(Orchard::job(), 1),
            self::batch(Orchard::job(), 1),
            new Rates(hour: $each, kwh: 0),
            self::stock(),
            null,
        );
        $now = $of(4000);
        $told = Cheaper::than($now, [
            ['batch', 'a little', $of(3950)],
            ['fill', 'more', $of(2000)],
            ['route', 'most', $of(1000)],
            ['route', 'dearer', $of(5000)],
            [
                'route',
                'unknown',
                CostSheet::forPieces(
                    1,
                    self::needs(Orchard::job(), 1),
                    self::batch(Orchard::job(), 1),
                    new Rates(),
                    [],
                    null,
                ),
            ],
        ]);
        self::assertSame(['most', 'more'], array_map(static fn(Cheaper $one): string => $one->how, $told));
    }

    /** A price that leaves 40 % of itself: cost 6.00, price 10.00; never a cent below. */
    #[TestWith([600, 0.4, 1000])]
    #[TestWith([601, 0.4, 1002])]
    #[TestWith([600, 0.0, 600])]
    public function testAPriceByMargin(int $cost, float $margin, int $price): void
    {
        $sheet = self::costing($cost, 1);
        self::assertSame($price, Price::byMargin($margin)->of($sheet));
        self::assertGreaterThanOrEqual($margin, Price::byMargin($margin)->marginOf($sheet) + 1e-9);
    }

    public function testAPriceBelowCostShowsALoss(): void
    {
        self::assertEqualsWithDelta(-0.2, Price::target(500)->marginOf(self::costing(600, 1)), 1e-9);
        self::assertSame(0.0, Price::target(0)->marginOf(self::costing(600, 1)), 'of nothing there is no share');
    }

    /** Worked by hand: 10 at 10.00, set-up 15.00, tax 19 %: 115.00 net, 21.85 tax, 136.85. */
    public function testAQuoteWorkedByHand(): void
    {
        $quote = Quote::fromItems(
            [['Shirts', self::costing(600, 10), [self::costing(500, 50)]]],
            Price::byMargin(0.4),
            1500,
            0.19,
        );
        self::assertSame([11_500, 2185, 13_685], [$quote->net, $quote->tax, $quote->gross]);
        self::assertSame(1000, $quote->lines[0]['each']);
        self::assertSame(
            [50, 834],
            [$quote->lines[0]['breaks'][0]['quantity'], $quote->lines[0]['breaks'][0]['each']],
            'five hundred by six tenths, up',
        );
    }

    public function testWhatIsShortIsBoughtInPacks(): void
    {
        $needs = self::needs(Orchard::job(), 25);
        $short = Shortage::fromNeeds(
            $needs,
            ['sheet film-clear-a4' => Ledger::of([Movement::bought(10.0, 900)])],
            ['sheet film-clear-a4' => 10.0],
        );
        self::assertCount(1, $short, 'what nobody counts is not short');
        self::assertSame(
            [25.0, 10.0, 20.0, 1800],
            [$short[0]->needed, $short[0]->there, $short[0]->buy, $short[0]->cost],
        );
        self::assertSame(
            [],
            Shortage::fromNeeds(
                self::needs(Orchard::job(), 10),
                ['sheet film-clear-a4' => Ledger::of([Movement::bought(10.0, 900)])],
                [],
            ),
        );
    }

    /** A sheet of so many pieces that cost so much each, and nothing else. */
    private static function costing(int $each, int $pieces): CostSheet
    {
        $needs = Needs::nothing()->with(
            Item::blank('shirt', 'M', Colour::hex('#ffffff'), Orchard::catalogue()),
            (float) $pieces,
        );

        return CostSheet::forPieces(
            $pieces,
            $needs,
            self::batch(Orchard::job(), $pieces),
            new Rates(hour: 0, kwh: 0),
            ['blank shirt M #ffffff' => Ledger::of([Movement::bought((float) $pieces, $each * $pieces)])],
            null,
        );
    }
}
