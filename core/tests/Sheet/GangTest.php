<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Sheet;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Length;
use Wubbin\Core\Measure\PaperSize;
use Wubbin\Core\Measure\Rect;
use Wubbin\Core\Measure\Size;
use Wubbin\Core\Sheet\Gang\Gang;
use Wubbin\Core\Sheet\Gang\GangOrder;
use Wubbin\Core\Sheet\Gang\GangPaper;
use Wubbin\Core\Sheet\Gang\GangPiece;
use Wubbin\Core\Sheet\Gang\GangSheet;
use Wubbin\Core\Sheet\Gang\Packer;
use Wubbin\Core\Sheet\Gang\RectFilling;

final class GangTest extends TestCase
{
    private const TRIES = 64;

    /** @param list<GangPiece> $pieces */
    private static function gang(array $pieces, float $gap = 3.0, ?Rect $printable = null): Gang
    {
        return Gang::fromOrder(
            new GangOrder(
                $pieces,
                new GangPaper(PaperSize::A4->size(), $printable ?? Rect::mm(5.0, 5.0, 200.0, 272.0)),
                Length::mm($gap),
            ),
            1,
            static fn(int $tried): bool => $tried < self::TRIES,
        );
    }

    /**
     * It would fit the sheet, but not beside the carrier's tape: one alone, several of one, one each of two.
     *
     * @param list<int> $counts
     */
    #[TestWith([[1]])]
    #[TestWith([[5]])]
    #[TestWith([[1, 1]])]
    #[TestWith([[3, 0, 2]])]
    public function testWhatHasNoRoomBesideTheTapeIsNamedAndNotTriedForEver(array $counts): void
    {
        $pieces = array_map(
            static fn(int $n, int $count): GangPiece => new GangPiece(
                'p' . $n,
                'Piece ' . $n,
                Size::mm(190, 250),
                $count,
            ),
            array_keys($counts),
            $counts,
        );
        $paper = new GangPaper(
            PaperSize::A4->size(),
            Rect::mm(5.0, 5.0, 200.0, 272.0),
            blocked: [Rect::mm(5.0, 5.0, 200.0, 25.0)],
        );
        $this->expectExceptionObject(BadRecord::at('pieces', '“Piece 0” has no room beside the tape.'));
        Gang::fromOrder(new GangOrder($pieces, $paper, Length::mm(3.0)), 1, static fn(): bool => false);
    }

    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        for ($seed = 1; $seed <= 12; ++$seed) {
            yield 'seed ' . $seed => [$seed];
        }
    }

    /** @return list<GangPiece> */
    private static function some(int $seed): array
    {
        $random = new Randomizer(new Mt19937($seed));
        $pieces = [];
        for ($n = $random->getInt(1, 9); $n > 0; --$n) {
            $pieces[] = new GangPiece(
                'p' . $n,
                'piece ' . $n,
                Size::mm($random->getInt(100, 1800) / 10.0, $random->getInt(100, 1900) / 10.0),
                $random->getInt(1, 12),
                0 !== $random->getInt(0, 3),
            );
        }

        return $pieces;
    }

    /**
     * Counted square by square on a raster of half a millimetre, not by the packer: nothing twice, nothing outside, the
     * gap kept.
     */
    #[DataProvider('seeds')]
    public function testNoTwoPiecesOverlapAndNoneLeavesThePrintableArea(int $seed): void
    {
        $pieces = self::some($seed);
        $gang = self::gang($pieces);
        foreach ($gang->sheets as $sheet) {
            $taken = array_fill(0, 420, str_repeat("\0", 594));
            foreach ($sheet->places as $place) {
                $rect = $place->rect;
                self::assertTrue($rect->within(Rect::mm(5.0, 5.0, 200.0, 272.0)));
                // A gap of 3 mm, half of it on every side; a cell is taken where its middle lies within.
                [$l, $r, $t, $b] = [
                    (int) ceil(2.0 * ($rect->xMm - 1.5)),
                    (int) floor(2.0 * ($rect->right() + 1.5) - 0.5),
                    (int) ceil(2.0 * ($rect->yMm - 1.5)),
                    (int) floor(2.0 * ($rect->bottom() + 1.5) - 0.5),
                ];
                for ($x = max(0, $l); $x < min(420, $r); ++$x) {
                    $span = substr($taken[$x], max(0, $t), $b - max(0, $t));
                    self::assertSame(str_repeat("\0", strlen($span)), $span, 'nothing lies there yet');
                    $taken[$x] = substr_replace($taken[$x], str_repeat("\1", strlen($span)), max(0, $t), strlen($span));
                }
            }
        }
    }

    #[DataProvider('seeds')]
    public function testEveryPieceIsThereAsOftenAsWantedAndTurnedOnlyWhereItMayBe(int $seed): void
    {
        $pieces = self::some($seed);
        $counted = [];
        foreach (self::gang($pieces)->sheets as $sheet) {
            foreach ($sheet->places as $place) {
                $counted[$place->piece] = ($counted[$place->piece] ?? 0) + 1;
                $piece = array_values(
                    array_filter($pieces, static fn(GangPiece $one): bool => $one->id === $place->piece),
                )[0];
                self::assertEqualsWithDelta($piece->boxTurned($place->quarters), $place->rect->size, 1e-9);
                self::assertTrue($piece->turns || 0 === $place->quarters);
            }
        }
        foreach ($pieces as $piece) {
            self::assertSame($piece->count, $counted[$piece->id]);
        }
    }

    #[DataProvider('seeds')]
    public function testTheSameJobsGiveTheSameSheets(int $seed): void
    {
        self::assertEquals(self::gang(self::some($seed)), self::gang(self::some($seed)));
    }

    /**
     * Pieces made by cutting a sheet by straight cuts, without gap, pack back onto one sheet in at least 95 of 100
     * cases.
     */
    public function testWhatWasCutFromASheetGoesBackOntoIt(): void
    {
        $back = 0;
        for ($seed = 0; $seed < 100; ++$seed) {
            $random = new Randomizer(new Mt19937($seed));
            $parts = [[2030, 2670]];
            for ($cuts = $random->getInt(1, 7); $cuts > 0; --$cuts) {
                $at = $random->getInt(0, count($parts) - 1);
                [$wide, $high] = $parts[$at];
                if ($wide > $high && $wide > 300) {
                    $cut = $random->getInt(150, $wide - 150);
                    array_splice($parts, $at, 1, [[$cut, $high], [$wide - $cut, $high]]);
                } elseif ($high > 300) {
                    $cut = $random->getInt(150, $high - 150);
                    array_splice($parts, $at, 1, [[$wide, $cut], [$wide, $high - $cut]]);
                }
            }
            $kinds = array_map(static fn(array $part): array => [$part[0], $part[1], true], $parts);
            $back +=
                1 ===
                count(
                    Packer::pack(
                        new RectFilling($kinds, 2030, 2670),
                        array_fill(0, count($kinds), 1),
                        1,
                        static fn(int $tried): bool => $tried < 3000,
                    ),
                )
                    ? 1
                    : 0;
        }
        self::assertGreaterThanOrEqual(95, $back);
    }

    public function testTheBestSoFarIsTakenWhenAskedFor(): void
    {
        $pieces = [
            new GangPiece('a', 'a', Size::mm(70.0, 90.0), 40),
            new GangPiece('b', 'b', Size::mm(33.0, 51.0), 80),
            new GangPiece('c', 'c', Size::mm(110.0, 47.0), 30),
        ];
        $asked = 0;
        $early = Gang::fromOrder(
            new GangOrder(
                $pieces,
                new GangPaper(PaperSize::A4->size(), Rect::mm(5.0, 5.0, 200.0, 272.0)),
                Length::mm(3.0),
            ),
            1,
            static function (int $tried, int $sheets) use (&$asked): bool {
                ++$asked;
                self::assertGreaterThan(0, $sheets);

                return false;
            },
        );
        self::assertSame(1, $asked);
        self::assertSame(
            150,
            array_sum(array_map(static fn(GangSheet $sheet): int => count($sheet->places), $early->sheets)),
        );
    }

    public function testOffcutsAreEmptyAndTheLargestFirst(): void
    {
        $sheet = self::gang([new GangPiece('a', 'a', Size::mm(120.0, 100.0), 1)])->sheets[0];
        self::assertNotSame([], $sheet->offcuts);
        foreach ($sheet->offcuts as $i => $offcut) {
            self::assertNull($offcut->overlap($sheet->places[0]->rect->grown(2.9)));
            self::assertNotNull($sheet->bar);
            self::assertNull($offcut->overlap($sheet->bar->rect), 'nothing is printed on it');
            self::assertGreaterThanOrEqual(50.0, min($offcut->size->widthMm, $offcut->size->heightMm));
            self::assertLessThanOrEqual($sheet->offcuts[max(0, $i - 1)]->size->areaMm2(), $offcut->size->areaMm2());
            foreach (array_slice($sheet->offcuts, $i + 1) as $other) {
                self::assertNull($offcut->overlap($other));
            }
        }
    }

    public function testWhatAPieceCostsOfItsSheetsAddsUpToThem(): void
    {
        $gang = self::gang([
            new GangPiece('a', 'a', Size::mm(70.0, 90.0), 13),
            new GangPiece('b', 'b', Size::mm(33.0, 51.0), 21),
        ]);
        self::assertEqualsWithDelta(count($gang->sheets), 13 * $gang->shareOf('a') + 21 * $gang->shareOf('b'), 1e-9);
    }

    public function testFiveThousandPiecesAreLaidOut(): void
    {
        $gang = self::gang([new GangPiece('a', 'a', Size::mm(20.0, 15.0), 5000)]);
        self::assertSame(
            5000,
            array_sum(array_map(static fn(GangSheet $sheet): int => count($sheet->places), $gang->sheets)),
        );
        // 8 × 15 fit upright on 200 × 272 mm with gaps of 3 mm; turning some of them fits no fewer.
        self::assertLessThanOrEqual((int) ceil(5000 / 120), count($gang->sheets));
    }

    /** @param list<GangPiece> $pieces */
    #[DataProvider('impossible')]
    public function testWhatCannotBeIsRefusedAtItsField(
        array $pieces,
        float $gap,
        ?Rect $printable,
        string $field,
    ): void {
        try {
            self::gang($pieces, $gap, $printable);
            self::fail('laid out');
        } catch (BadRecord $e) {
            self::assertSame($field, $e->field);
        }
    }

    /** @return iterable<string, array{list<GangPiece>, float, Rect|null, string}> */
    public static function impossible(): iterable
    {
        $small = new GangPiece('a', 'a', Size::mm(20.0, 15.0), 1);
        yield 'a piece larger than the sheet' => [
            [new GangPiece('a', 'a', Size::mm(280.0, 150.0), 1)],
            3.0,
            null,
            'pieces',
        ];
        yield 'one that would fit if it might be turned' => [
            [new GangPiece('a', 'a', Size::mm(270.0, 150.0), 1, false)],
            3.0,
            null,
            'pieces',
        ];
        yield 'a gap wider than the sheet' => [[$small], 201.0, null, 'gap'];
        yield 'a gap below nothing' => [[$small], -1.0, null, 'gap'];
        yield 'too many' => [[new GangPiece('a', 'a', Size::mm(20.0, 15.0), 5001)], 3.0, null, 'pieces'];
    }

    public function testNothingGivesNoSheet(): void
    {
        self::assertSame([], self::gang([])->sheets);
    }

    /** @param array{int, int} $piece */
    #[TestWith([[100, 60]])]
    #[TestWith([[60, 100]])]
    public function testAPieceIsTurnedWhereItFitsOnlySo(array $piece): void
    {
        $sheets = Packer::pack(
            new RectFilling([[$piece[0], $piece[1], true]], 100, 60),
            [1],
            1,
            static fn(): bool => true,
        );
        self::assertCount(1, $sheets);
        self::assertSame([60, 100] === $piece, 1 === $sheets[0]->spots[0]->quarters);
    }
}
