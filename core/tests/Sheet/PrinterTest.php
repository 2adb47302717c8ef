<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Sheet;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Wubbin\Core\Job\Shelf;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Length;
use Wubbin\Core\Measure\PaperSize;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Plan\GangLot;
use Wubbin\Core\Plan\Severity;
use Wubbin\Core\Plan\TransferPlan;
use Wubbin\Core\Route\Edge;
use Wubbin\Core\Route\Feed;
use Wubbin\Core\Route\Lying;
use Wubbin\Core\Route\Printer;
use Wubbin\Core\Sheet\Carrier;
use Wubbin\Core\Sheet\FeedTest;
use Wubbin\Core\Sheet\Gang\GangPin;
use Wubbin\Core\Sheet\PrintFault;
use Wubbin\Core\Sheet\Printout;
use Wubbin\Core\Tests\Orchard;

/** Which way a sheet goes in, where it is mirrored, and what comes out. */
final class PrinterTest extends TestCase
{
    private const TRAY = ['id' => 'tray', 'label' => 'the tray', 'straight' => false];

    /** @return iterable<string, array{Feed, bool}> */
    public static function feeds(): iterable
    {
        foreach (Lying::cases() as $prints) {
            foreach (Edge::cases() as $leads) {
                foreach ([false, true] as $mirrors) {
                    yield $prints->value . ', ' . $leads->value . ($mirrors ? ', driver mirrors' : '') => [
                        new Feed($prints, $leads),
                        $mirrors,
                    ];
                }
            }
        }
    }

    /**
     * A sheet of 2 × 3 is fed here point by point: the page is put on the side that prints, turned so that its leading
     * edge goes in first; then somebody looks at the printed side with that end away. What is seen goes into the test.
     */
    #[DataProvider('feeds')]
    public function testTheFeedTestFindsOutHowATrayFeeds(Feed $feed, bool $driverMirrors): void
    {
        // The X on the page, from its middle: x to the right, y up. A driver that mirrors turns x about.
        [$x, $y] = [$driverMirrors ? 1.0 : -1.0, 1.0];
        // Seen on the printed side, the page is turned until the leading edge points away, that is up.
        for ($quarters = $feed->leads->quarters(); $quarters > 0; --$quarters) {
            // A quarter against the clock brings the right edge up.
            [$x, $y] = [-$y, $x];
        }
        $found = FeedTest::read(Lying::Up === $feed->prints, $y > 0.0, $x < 0.0, !$driverMirrors);
        self::assertEquals($feed, $found);
    }

    public function testTheTestPageHasItsXInOneCornerAndBarsInBothDirections(): void
    {
        $marks = FeedTest::marks(PaperSize::A4->size(), 5.0, 'the tray');
        $kinds = array_count_values(array_map(static fn($mark): string => $mark->kind->value, $marks));
        self::assertSame([1, 2, 1], [$kinds['cross'], $kinds['check-bar'], $kinds['this-way-up']]);
        foreach ($marks as $mark) {
            self::assertLessThanOrEqual(205.0, $mark->rect->right());
            self::assertGreaterThanOrEqual(5.0, $mark->rect->xMm);
        }
    }

    /** @return iterable<string, array{string, string, array{Lying, bool, bool, bool, bool, bool}, list<PrintFault>}> */
    public static function prints(): iterable
    {
        // Printer and sheet; then: print side lies, fold first, has a fold, file mirrored, driver mirrors, must be
        // mirrored.
        yield 'as it should be' => ['inkjet-dye', 'film-clear-a4', [Lying::Up, true, false, true, false, true], []];
        yield 'mirrored by the driver alone' => [
            'inkjet-dye',
            'film-clear-a4',
            [Lying::Up, true, false, false, true, true],
            [],
        ];
        yield 'mirrored twice' => [
            'inkjet-dye',
            'film-clear-a4',
            [Lying::Up, true, false, true, true, true],
            [PrintFault::MirroredTwice],
        ];
        yield 'mirrored nowhere' => [
            'inkjet-dye',
            'film-clear-a4',
            [Lying::Up, true, false, false, false, true],
            [PrintFault::NotMirrored],
        ];
        yield 'mirrored though it must not be' => [
            'inkjet-dye',
            'film-opaque-a4',
            [Lying::Up, true, false, false, true, false],
            [PrintFault::MirroredUnasked],
        ];
        yield 'on the back: ink smears there' => [
            'inkjet-dye',
            'film-clear-a4',
            [Lying::Down, true, false, true, false, true],
            [PrintFault::WrongSide, PrintFault::Smeared],
        ];
        yield 'toner on the back is fused' => [
            'laser-colour',
            'ceramic-laser-a4',
            [Lying::Down, true, false, true, false, true],
            [PrintFault::WrongSide],
        ];
        yield 'ink on label liner' => [
            'inkjet-dye',
            'liner-letter',
            [Lying::Up, true, false, true, false, true],
            [PrintFault::Smeared],
        ];
        $loose = [Lying::Up, false, true, false, false, false];
        yield 'a loose edge first' => ['inkjet-dye', 'tissue-a4', $loose, [PrintFault::Jammed]];
        yield 'the fold first' => ['inkjet-dye', 'tissue-a4', [Lying::Up, true, true, false, false, false], []];
        yield 'film through a fuser' => [
            'laser-colour',
            'film-clear-a4',
            [Lying::Up, true, false, true, false, true],
            [PrintFault::Harmed],
        ];
    }

    /**
     * @param array{Lying, bool, bool, bool, bool, bool} $how
     * @param list<PrintFault> $faults
     */
    #[DataProvider('prints')]
    public function testWhatComesOutTellsWhatWentWrong(string $marking, string $medium, array $how, array $faults): void
    {
        $catalogue = Orchard::catalogue();
        $out = Printout::fromFeed(
            $catalogue->sheets->markings[$marking],
            $catalogue->sheets->media[$medium],
            new Feed(Lying::Up, Edge::Top),
            ...$how,
        );
        self::assertSame($faults, $out->faults);
        self::assertSame(
            [] === array_intersect(array_column($faults, 'value'), ['jammed', 'harmed']),
            $out->comesOut(),
        );
        foreach ($faults as $fault) {
            self::assertNotSame('', $fault->message() . $fault->mend());
        }
    }

    public function testSublimationComesOutDull(): void
    {
        $catalogue = Orchard::catalogue();
        $dull = static fn(string $marking, string $medium): float => Printout::fromFeed(
            $catalogue->sheets->markings[$marking],
            $catalogue->sheets->media[$medium],
            new Feed(Lying::Up, Edge::Top),
            Lying::Up,
            true,
            false,
            true,
            false,
            true,
        )->dull;
        self::assertGreaterThan(0.3, $dull('inkjet-sublimation', 'sublimation-a4'));
        self::assertSame(0.0, $dull('inkjet-dye', 'film-clear-a4'));
    }

    /**
     * @param array<string, mixed> $printer of the dye inkjet
     * @param array<string, mixed> $paper
     */
    private static function shelf(array $printer, array $paper = []): Shelf
    {
        $all = json_decode((string) json_encode(Orchard::shelf()->toRecord()), true);

        return Shelf::fromRecord(
            Record::of(
                [
                    'printers' => [
                        'inkjet-dye' => $printer + ['mirrors' => 'file', 'largest' => 'a4', 'trays' => [self::TRAY]],
                    ],
                    'paper' => $paper,
                ] + (array) $all,
            ),
            Orchard::catalogue(),
        );
    }

    /**
     * @param array<string, mixed> $printer
     * @param array<string, mixed> $paper
     */
    private static function plan(array $printer = [], array $paper = []): TransferPlan
    {
        return Orchard::plan(shelf: self::shelf($printer, $paper));
    }

    public function testMirroringHappensInExactlyOnePlace(): void
    {
        $file = self::plan();
        $driver = self::plan(['mirrors' => 'driver']);
        $of = static fn(TransferPlan $plan): string => array_column($plan->driver()->lines ?? [], 'value', 'id')[
            'mirror'
        ] ?? '';
        self::assertSame(['off', 'on'], [$of($file), $of($driver)]);
        self::assertSame(
            [true, true],
            [$file->arrangement->sheet?->mirrored, $driver->arrangement->sheet?->mirrored],
            'both come out mirrored',
        );
        self::assertStringContainsString(
            'switch “mirror” on',
            Orchard::check($driver, 'print.mirror-once')->mend->text ?? '',
        );
        self::assertStringContainsString(
            'Leave “mirror”',
            Orchard::check($file, 'print.mirror-once')->mend->text ?? '',
        );
        self::assertSame('Yes, in the printer driver', Orchard::decision($driver, 'mirrored')->value->text);
        $cue = static fn(TransferPlan $plan): string => $plan->steps[0]->cue->text;
        self::assertStringContainsString('mirror off', $cue($file));
        self::assertStringContainsString('mirror on', $cue($driver));
        self::assertNotSame($file->content(), $driver->content(), 'a sheet for the one is none for the other');
    }

    public function testWhatReadsRightIsNeverMirroredByTheDriver(): void
    {
        $plan = Orchard::plan(Orchard::jobOf('tissue-wax'), shelf: self::shelf(['mirrors' => 'driver']));
        self::assertSame('off', array_column($plan->driver()->lines ?? [], 'value', 'id')['mirror']);
        self::assertFalse($plan->arrangement->sheet?->mirrored);
    }

    public function testASheetLiesAsTheFeedTestShowed(): void
    {
        $untried = self::plan();
        self::assertNull($untried->arrangement->loading?->lying());
        self::assertSame(Severity::Note, Orchard::check($untried, 'feed.untried')?->severity);
        $tried = self::plan(['trays' => [['feed' => ['prints' => 'down', 'leads' => 'top']] + self::TRAY]]);
        self::assertSame(Lying::Down, $tried->arrangement->loading?->lying());
        self::assertNull(Orchard::check($tried, 'feed.untried'));
        self::assertStringContainsString('print side down', $tried->arrangement->loading->inWords());
        self::assertStringContainsString('short edge', $tried->arrangement->loading->inWords());
    }

    public function testAStiffSheetTakesTheStraightPath(): void
    {
        $slot = ['id' => 'slot', 'label' => 'the slot', 'straight' => true];
        $job = Orchard::jobOf('dark-film');
        $of = static fn(array $trays): TransferPlan => Orchard::plan($job, shelf: self::shelf(['trays' => $trays]));
        self::assertSame('slot', $of([self::TRAY, $slot])->arrangement->loading?->tray->id);
        self::assertNull(Orchard::check($of([self::TRAY, $slot]), 'feed.bent'));
        self::assertNotNull(Orchard::check($of([self::TRAY]), 'feed.bent'));
        self::assertSame(
            'tray',
            self::plan(['trays' => [self::TRAY, $slot]])->arrangement->loading?->tray->id,
            'thin film goes the usual way',
        );
    }

    public function testASheetTooLargeForThePrinterIsStoppedOnceSomebodySaidHowLargeItTakes(): void
    {
        self::assertSame(Severity::Stop, Orchard::check(self::plan(['largest' => 'a5']), 'printer.takes')?->severity);
        self::assertSame(Severity::Pass, Orchard::check(self::plan(), 'printer.takes')?->severity);
        // A printer for A4 takes Letter: 6 mm wider, 18 mm shorter.
        self::assertTrue(Printer::untried(PaperSize::A4)->takes(PaperSize::Letter));
        self::assertFalse(Printer::untried(PaperSize::A4)->takes(PaperSize::Supertabloid));
    }

    public function testTooFewSheetsAreTold(): void
    {
        $medium = self::plan()->outfit->medium->id ?? '';
        $few = self::plan(paper: ['sheets' => [$medium => 0], 'offcuts' => []]);
        self::assertSame(Severity::Warn, Orchard::check($few, 'sheet.stock')?->severity);
        self::assertNull(
            Orchard::check(self::plan(paper: ['sheets' => [$medium => 500], 'offcuts' => []]), 'sheet.stock'),
        );
    }

    public function testAShelfWithPrintersAndPaperSurvivesItsRecord(): void
    {
        $shelf = self::shelf(
            ['mirrors' => 'driver', 'trays' => [['feed' => ['prints' => 'up', 'leads' => 'left']] + self::TRAY]],
            [
                'sheets' => ['film-clear-a4' => 7],
                'offcuts' => [['id' => 'x', 'medium' => 'film-clear-a4', 'width_mm' => 120, 'height_mm' => 90]],
            ],
        );
        $again = Shelf::fromRecord(
            Record::of((array) json_decode((string) json_encode($shelf->toRecord()), true)),
            Orchard::catalogue(),
        );
        self::assertEquals($shelf, $again);
        self::assertSame(
            [90.0],
            array_map(static fn($offcut): float => $offcut->size->heightMm, $again->paper->offcutsOf('film-clear-a4')),
        );
    }

    /** @return iterable<string, array{array<string, mixed>, array<string, mixed>, string}> */
    public static function mistakes(): iterable
    {
        yield 'no tray' => [['trays' => []], [], 'trays'];
        yield 'a tray twice' => [['trays' => [self::TRAY, self::TRAY]], [], 'trays'];
        yield 'an offcut too small' => [
            [],
            ['offcuts' => [['id' => 'x', 'medium' => 'film-clear-a4', 'width_mm' => 30, 'height_mm' => 90]]],
            'size',
        ];
        yield 'a negative count' => [[], ['sheets' => ['film-clear-a4' => -1]], 'sheets'];
    }

    /**
     * @param array<string, mixed> $printer
     * @param array<string, mixed> $paper
     */
    #[DataProvider('mistakes')]
    public function testWhatCannotBeIsRefused(array $printer, array $paper, string $field): void
    {
        try {
            self::shelf($printer, $paper);
            self::fail('taken');
        } catch (BadRecord $e) {
            self::assertStringContainsString($field, $e->field);
        }
    }

    public function testAPenHasNoTrays(): void
    {
        $this->expectException(BadRecord::class);
        Orchard::catalogue()->sheets->markings['marker']->setUpAs(Printer::untried(PaperSize::A4));
    }

    /** Tissue an inch larger all round, corners off: common practice, no source. */
    public function testACarriersCutList(): void
    {
        $carrier = Orchard::plan(Orchard::jobOf('tissue-wax', ['quantity' => 12]))->arrangement->carrier;
        self::assertNotNull($carrier);
        self::assertEqualsWithDelta(
            [210.0 + 50.8, 297.0 + 50.8],
            [$carrier->cut->widthMm, $carrier->cut->heightMm],
            1e-9,
        );
        // The slanting cut leaves the sheet's corner, 25.4 mm from both edges of the tissue, covered.
        self::assertLessThan(2.0 * 25.4, $carrier->cornerMm);
        self::assertGreaterThan(2.0 * 25.4 - 3.0, $carrier->cornerMm);
        self::assertGreaterThan(12, $carrier->ahead());
        self::assertSame([], $carrier->zones);
    }

    public function testTheOtherWaysToMakeACarrier(): void
    {
        $ways = Orchard::catalogue()->sheets->carriers;
        $a4 = PaperSize::A4->size();
        $strip = Carrier::forSheet($ways['taped-strip'], $a4, 1);
        self::assertTrue($strip->foldLeads);
        self::assertSame($a4->widthMm, $strip->cut->widthMm);
        self::assertGreaterThan($a4->heightMm + 20.0, $strip->cut->heightMm);
        $corners = Carrier::forSheet($ways['taped-corners'], $a4, 1);
        self::assertCount(4, $corners->zones);
        self::assertEquals($a4, $corners->cut);
        $tape = Carrier::forSheet($ways['double-tape'], $a4, 1);
        self::assertEqualsWithDelta(
            2.0 * 12.0 * (210.0 + 297.0) - 4.0 * 144.0,
            array_sum(array_map(static fn($zone): float => $zone->size->areaMm2(), $tape->zones)),
            1e-6,
            'a frame, no corner counted twice',
        );
    }

    public function testWhereEveryDotIsTransferredTheCutLineIsOnAPageOfItsOwn(): void
    {
        $kinds = static fn(TransferPlan $plan): array => array_map(
            static fn($mark): string => $mark->kind->value,
            $plan->arrangement->sheet->marks ?? [],
        );
        $dye = Orchard::plan(Orchard::edit(Orchard::jobOf('sublimation'), ['width' => '150 mm']));
        self::assertNotContains('trim-line', $kinds($dye));
        self::assertNotNull($dye->arrangement->sheet?->apart);
        self::assertContains('trim-line', $kinds(self::plan()));
        self::assertNull(self::plan()->arrangement->sheet?->apart);
        $none = Orchard::plan(
            Orchard::edit(Orchard::jobOf('sublimation'), ['width' => '150 mm', 'school.guide' => 'none']),
        );
        self::assertNull($none->arrangement->sheet?->apart);
    }

    public function testPiecesThatShareALinerKeepOffItsTape(): void
    {
        $plan = Orchard::whole(Orchard::edit(Orchard::jobOf('liner-fabric', ['quantity' => 30]), ['width' => '45 mm']));
        $zones = $plan->transfers[0]->arrangement->carrier->zones ?? [];
        self::assertCount(4, $zones);
        $gang = GangLot::of([$plan])[0]->laidOut(Length::mm(2.0), 1, static fn(int $tried): bool => $tried < 5);
        foreach ($gang->sheets as $sheet) {
            foreach ($sheet->places as $place) {
                foreach ($zones as $zone) {
                    self::assertNull($place->rect->overlap($zone));
                }
            }
        }
        $this->expectException(BadRecord::class);
        $this->expectExceptionMessage('tape of the carrier');
        $piece = array_key_first($gang->pieces);
        GangLot::of([$plan])[0]->laidOut(Length::mm(2.0), 1, static fn(): bool => false, [
            new GangPin((string) $piece, 0, 5.0, 5.0, 0),
        ]);
    }

    public function testSheetsAtOtherSettingsAreKeptApart(): void
    {
        $cloth = Orchard::whole(Orchard::jobOf('liner-fabric'));
        $metal = Orchard::whole(Orchard::jobOf('toner-metal', ['id' => 'tags', 'name' => 'Tags']));
        self::assertSame($cloth->transfers[0]->outfit->medium?->id, $metal->transfers[0]->outfit->medium?->id);
        $lots = GangLot::of([$cloth, $metal]);
        self::assertCount(2, $lots);
        self::assertStringContainsString('other settings', GangLot::apart($lots)[0] ?? '');
    }

    public function testAPictureOnTheTapeIsWarnedOf(): void
    {
        // Letter is 215.9 wide: a picture of 200 × 250 mm reaches into its corners.
        $wide = Orchard::plan(
            Orchard::edit(Orchard::jobOf('liner-fabric'), ['width' => '195 mm']),
            Orchard::picture(2400.0, 2900.0),
        );
        self::assertSame(Severity::Warn, Orchard::check($wide, 'carrier.tape')?->severity);
        self::assertNull(
            Orchard::check(
                Orchard::plan(Orchard::edit(Orchard::jobOf('liner-fabric'), ['width' => '100 mm'])),
                'carrier.tape',
            ),
        );
    }
}
