<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Sheet;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Contour;
use Wubbin\Core\Measure\Length;
use Wubbin\Core\Measure\PaperSize;
use Wubbin\Core\Measure\Rect;
use Wubbin\Core\Measure\Size;
use Wubbin\Core\Sheet\Gang\Gang;
use Wubbin\Core\Sheet\Gang\GangOrder;
use Wubbin\Core\Sheet\Gang\GangPaper;
use Wubbin\Core\Sheet\Gang\GangPiece;
use Wubbin\Core\Sheet\Gang\GangPin;
use Wubbin\Core\Sheet\Gang\GangPlace;
use Wubbin\Core\Tests\Slice;

/** Pieces by their outlines, pins, offcuts, and what fills spare room. */
final class OutlineGangTest extends TestCase
{
    private const GAP = 3.0;

    /**
     * @param list<GangPiece> $pieces
     * @param list<GangPaper> $offcuts
     * @param list<GangPin> $pins
     * @param list<GangPiece> $spare
     */
    private static function gang(
        array $pieces,
        array $offcuts = [],
        array $pins = [],
        array $spare = [],
        int $tries = 2,
    ): Gang {
        return Gang::fromOrder(
            new GangOrder($pieces, self::paper(), Length::mm(self::GAP), $offcuts, $pins, $spare),
            1,
            static fn(int $tried): bool => $tried < $tries,
        );
    }

    private static function paper(): GangPaper
    {
        return new GangPaper(PaperSize::A4->size(), Rect::mm(5.0, 5.0, 200.0, 272.0));
    }

    private static function offcut(string $id, float $wide, float $high): GangPaper
    {
        return new GangPaper(Size::mm($wide, $high), Rect::mm(5.0, 5.0, $wide - 10.0, $high - 25.0), $id);
    }

    /**
     * The outline where it lies, turned point by point: not by the packer.
     *
     * @return non-empty-list<array{float, float}>
     */
    private static function lying(GangPiece $piece, GangPlace $place): array
    {
        $points = $piece->outline;
        $high = $piece->size->heightMm;
        $wide = $piece->size->widthMm;
        for ($turn = 0; $turn < $place->quarters; ++$turn) {
            $points = array_map(static fn(array $p): array => [$high - $p[1], $p[0]], $points);
            [$wide, $high] = [$high, $wide];
        }

        return array_map(static fn(array $p): array => [$p[0] + $place->rect->xMm, $p[1] + $place->rect->yMm], $points);
    }

    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        foreach (Slice::of([1, 2, 3], 3) as $seed) {
            yield 'seed ' . $seed => [$seed];
        }
    }

    /** A cut line that bulges a hair over its box, as curves do, is laid out like any other. */
    public function testAnOutlineThatBulgesOverItsBoxIsLaidOut(): void
    {
        $bulging = [[-0.4, 20.0], [20.0, -0.3], [40.3, 20.0], [20.0, 40.2]];
        $paper = new GangPaper(Size::mm(210.0, 297.0), Rect::at(5.0, 5.0, Size::mm(200.0, 287.0)));
        $order = new GangOrder(
            [new GangPiece('a', 'a', Size::mm(40.0, 40.0), 60, outline: $bulging)],
            $paper,
            Length::mm(0.0),
        );
        $places = Gang::full($order)->places;
        self::assertGreaterThan(35, count($places), 'more than as boxes');
        foreach ($places as $place) {
            self::assertTrue($place->rect->within($paper->room->grown(0.5)));
        }
    }

    /** Distances measured from corner to line, and insides sampled: not by the packer's raster. */
    #[DataProvider('seeds')]
    public function testOutlinesKeepTheirGapAndLieWithinTheRoom(int $seed): void
    {
        $gang = self::gang(Clipart::pieces($seed, 4.6 * 200.0 * 272.0));
        self::assertTrue($gang->nested);
        foreach ($gang->sheets as $sheet) {
            $lying = array_map(
                static fn(GangPlace $place): array => self::lying($gang->pieces[$place->piece], $place),
                $sheet->places,
            );
            foreach ($lying as $i => $points) {
                self::assertTrue(Contour::box($points)->within($sheet->paper->room->grown(1e-6)));
                foreach ($lying as $j => $other) {
                    if ($i !== $j && null !== Contour::box($points)->grown(self::GAP)->overlap(Contour::box($other))) {
                        foreach ($points as $point) {
                            self::assertFalse(Contour::holds($other, $point), 'one lies in another');
                            self::assertGreaterThan(self::GAP - 1e-6, Contour::distance($other, $point));
                        }
                    }
                }
            }
        }
    }

    /** Enough of them to fill ten sheets by their boxes need a tenth fewer. */
    #[DataProvider('seeds')]
    public function testShapesThatNestNeedATenthFewerSheets(int $seed): void
    {
        $pieces = Clipart::pieces($seed, 8.6 * 200.0 * 272.0);
        $boxes = array_map(
            static fn(GangPiece $piece): GangPiece => new GangPiece($piece->id, $piece->label, $piece->size, 1),
            $pieces,
        );
        $byBoxes = self::gang($boxes, tries: 30)->whole();
        self::assertGreaterThanOrEqual(9, $byBoxes);
        self::assertLessThanOrEqual(0.9 * $byBoxes, self::gang($pieces, tries: 4)->whole());
    }

    public function testRectanglesAreNotLaidByOutlines(): void
    {
        self::assertFalse(self::gang([new GangPiece('a', 'a', Size::mm(70.0, 90.0), 30)])->nested);
    }

    public function testTheRestFlowsRoundWhatWasPinned(): void
    {
        $pieces = [new GangPiece('a', 'a', Size::mm(60.0, 40.0), 12), new GangPiece('b', 'b', Size::mm(30.0, 50.0), 6)];
        $pins = [new GangPin('a', 0, 70.0, 110.0, 0), new GangPin('b', 0, 10.0, 200.0, 1)];
        $gang = self::gang($pieces, pins: $pins);
        $pinned = array_values(
            array_filter($gang->sheets[0]->places, static fn(GangPlace $place): bool => $place->pinned),
        );
        self::assertEquals(
            [[70.0, 110.0, 0], [10.0, 200.0, 1]],
            array_map(
                static fn(GangPlace $place): array => [$place->rect->xMm, $place->rect->yMm, $place->quarters],
                $pinned,
            ),
        );
        $all = array_merge(...array_map(static fn($sheet): array => $sheet->places, $gang->sheets));
        self::assertCount(18, $all);
        foreach ($gang->sheets as $sheet) {
            foreach ($sheet->places as $i => $one) {
                foreach (array_slice($sheet->places, $i + 1) as $other) {
                    self::assertNull($one->rect->grown(self::GAP - 0.11)->overlap($other->rect));
                }
            }
        }
    }

    public function testOutlinesFlowRoundAPinThatLiesBetweenTwoCells(): void
    {
        $pieces = Clipart::pieces(9, 1.5 * 200.0 * 272.0);
        $pin = new GangPin($pieces[0]->id, 0, 60.37, 91.81, 0);
        $gang = self::gang($pieces, pins: [$pin]);
        foreach ($gang->sheets as $sheet) {
            $lying = array_map(
                static fn(GangPlace $place): array => self::lying($gang->pieces[$place->piece], $place),
                $sheet->places,
            );
            foreach ($sheet->places as $i => $place) {
                if ($place->pinned) {
                    foreach ($lying as $j => $other) {
                        foreach ($i === $j ? [] : $other as $point) {
                            self::assertGreaterThan(self::GAP - 1e-6, Contour::distance($lying[$i], $point));
                        }
                    }
                }
            }
        }
    }

    /** @return iterable<string, array{list<GangPin>, string}> */
    public static function badPins(): iterable
    {
        yield 'over the edge' => [[new GangPin('a', 0, 160.0, 10.0, 0)], 'over the edge'];
        yield 'over each other' => [
            [new GangPin('a', 0, 10.0, 10.0, 0), new GangPin('a', 0, 40.0, 30.0, 0)],
            'over each other',
        ];
        yield 'more than there are' => [
            [
                new GangPin('a', 0, 10.0, 10.0, 0),
                new GangPin('a', 0, 10.0, 60.0, 0),
                new GangPin('a', 0, 10.0, 110.0, 0),
            ],
            'More of',
        ];
        yield 'turned though upright' => [[new GangPin('up', 0, 10.0, 10.0, 1)], 'upright'];
        yield 'one that is not there' => [[new GangPin('gone', 0, 10.0, 10.0, 0)], 'no longer'];
    }

    /** @param list<GangPin> $pins */
    #[DataProvider('badPins')]
    public function testAPinThatCannotBeIsRefused(array $pins, string $why): void
    {
        $this->expectException(BadRecord::class);
        $this->expectExceptionMessage($why);
        self::gang(
            [
                new GangPiece('a', 'a', Size::mm(60.0, 40.0), 2),
                new GangPiece('up', 'up', Size::mm(20.0, 40.0), 2, false),
            ],
            pins: $pins,
        );
    }

    public function testAnOffcutIsUsedFirstAndSavesASheet(): void
    {
        $pieces = [new GangPiece('a', 'a', Size::mm(90.0, 60.0), 9)];
        self::assertSame(2, self::gang($pieces)->whole());
        $with = self::gang($pieces, [self::offcut('left', 200.0, 100.0)]);
        self::assertSame(1, $with->whole());
        self::assertSame('left', $with->sheets[0]->paper->offcut);
        self::assertTrue($with->sheets[0]->places[0]->rect->within($with->sheets[0]->paper->room));
        self::assertEqualsWithDelta(1.0, 9 * $with->shareOf('a'), 1e-9, 'only the whole sheet costs anew');
    }

    public function testAnOffcutThatNothingFitsIsLeftAlone(): void
    {
        $gang = self::gang([new GangPiece('a', 'a', Size::mm(90.0, 60.0), 2)], [self::offcut('small', 80.0, 80.0)]);
        self::assertSame([null], array_map(static fn($sheet): ?string => $sheet->paper->offcut, $gang->sheets));
    }

    public function testSpareRoomIsFilledWithoutASheetMore(): void
    {
        $pieces = [new GangPiece('a', 'a', Size::mm(90.0, 60.0), 5)];
        $plain = self::gang($pieces);
        $filled = self::gang(
            $pieces,
            spare: [
                new GangPiece('later', 'later', Size::mm(50.0, 80.0), 3),
                new GangPiece('swatch', 'swatch', Size::mm(45.0, 30.0), 40),
            ],
        );
        self::assertSame($plain->whole(), $filled->whole());
        $spare = array_values(
            array_filter($filled->sheets[0]->places, static fn(GangPlace $place): bool => $place->spare),
        );
        self::assertGreaterThan(3, count($spare));
        self::assertGreaterThan($plain->sheets[0]->filled, $filled->sheets[0]->filled);
        foreach ($filled->sheets[0]->places as $i => $one) {
            self::assertTrue($one->rect->within($filled->sheets[0]->paper->room->grown(1e-6)));
            foreach (array_slice($filled->sheets[0]->places, $i + 1) as $other) {
                self::assertNull($one->rect->overlap($other->rect));
            }
        }
    }

    public function testAnOutlineThatEnclosesNothingIsRefused(): void
    {
        $this->expectException(BadRecord::class);
        $this->expectExceptionMessage('outline is empty');
        self::gang([new GangPiece('a', 'a', Size::mm(40.0, 20.0), 1, true, [[0.0, 0.0], [40.0, 20.0]])]);
    }
}
