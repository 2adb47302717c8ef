<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Sheet;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Wubbin\Core\Measure\Length;
use Wubbin\Core\Measure\PaperSize;
use Wubbin\Core\Measure\Rect;
use Wubbin\Core\Measure\Size;
use Wubbin\Core\Sheet\Joins;
use Wubbin\Core\Sheet\MarkKind;
use Wubbin\Core\Sheet\SheetMark;
use Wubbin\Core\Sheet\Tile;
use Wubbin\Core\Sheet\Tiling;

final class TilingTest extends TestCase
{
    /** @param list<Rect> $whole */
    private static function tiling(
        Size $picture,
        float $overlap = 3.0,
        array $whole = [],
        bool $mirrored = true,
    ): ?Tiling {
        return Tiling::forPicture(
            $picture,
            PaperSize::Supertabloid->size(),
            5.0,
            Length::mm($overlap),
            $mirrored,
            'Apron',
            $whole,
            static fn(): float => 0.0,
        );
    }

    /** @return iterable<string, array{Size, float}> */
    public static function pictures(): iterable
    {
        yield 'an apron' => [Size::mm(714.0, 874.0), 3.0];
        yield 'a banner' => [Size::mm(1800.0, 120.0), 5.0];
        yield 'hardly more than a sheet' => [Size::mm(330.0, 440.0), 2.0];
        yield 'a wide overlap' => [Size::mm(700.0, 500.0), 40.0];
    }

    #[DataProvider('pictures')]
    public function testThePartsCoverThePictureAndOverlapAsAsked(Size $picture, float $overlap): void
    {
        $tiling = self::tiling($picture, $overlap);
        self::assertNotNull($tiling);
        // Along one row and one column: from edge to edge, each beginning the overlap before its neighbour ends.
        $row = array_values(array_filter($tiling->tiles, static fn(Tile $tile): bool => 1 === $tile->row));
        $column = array_values(array_filter($tiling->tiles, static fn(Tile $tile): bool => 1 === $tile->column));
        self::assertCount(count($row) * count($column), $tiling->tiles);
        self::assertSame(0.0, $row[0]->part->xMm);
        self::assertEqualsWithDelta($picture->widthMm, $row[count($row) - 1]->part->right(), 1e-9);
        self::assertEqualsWithDelta($picture->heightMm, $column[count($column) - 1]->part->bottom(), 1e-9);
        foreach (array_slice($row, 1) as $i => $tile) {
            self::assertEqualsWithDelta($overlap, $row[$i]->part->right() - $tile->part->xMm, 1e-9);
        }
        foreach (array_slice($column, 1) as $i => $tile) {
            self::assertEqualsWithDelta($overlap, $column[$i]->part->bottom() - $tile->part->yMm, 1e-9);
        }
    }

    #[DataProvider('pictures')]
    public function testEveryPartLiesOnASheetOnceWithItsMarksOutsideIt(Size $picture, float $overlap): void
    {
        $tiling = self::tiling($picture, $overlap);
        self::assertNotNull($tiling);
        $there = [];
        foreach ($tiling->sheets as $sheet) {
            foreach ($sheet->tiles as $i => $placed) {
                $there[] = $placed->tile->name();
                self::assertTrue($placed->takes->within($sheet->printable));
                self::assertEqualsWithDelta($placed->tile->part->size, $placed->at->size, 1e-9, 'at true size');
                foreach ($placed->marks as $mark) {
                    if (MarkKind::TrimLine !== $mark->kind) {
                        self::assertNull(
                            $mark->rect->overlap($placed->at),
                            $mark->kind->value . ' keeps off the picture',
                        );
                    }
                }
                foreach (array_slice($sheet->tiles, $i + 1) as $other) {
                    self::assertNull($placed->takes->overlap($other->takes));
                }
            }
        }
        sort($there);
        $all = array_map(static fn(Tile $tile): string => $tile->name(), $tiling->tiles);
        sort($all);
        self::assertSame($all, $there);
    }

    /** Ticks of two neighbours stand at the same place of the picture, so that they meet. */
    public function testTicksOfNeighboursMeet(): void
    {
        $tiling = self::tiling(Size::mm(714.0, 400.0), mirrored: false);
        self::assertNotNull($tiling);
        $places = [];
        foreach ($tiling->sheets as $sheet) {
            foreach ($sheet->tiles as $placed) {
                foreach ($placed->marks as $mark) {
                    if (MarkKind::Tick === $mark->kind && $mark->rect->size->heightMm > 1.0) {
                        $places[] = sprintf(
                            '%.2f',
                            $mark->rect->xMm +
                                $mark->rect->size->widthMm / 2.0 -
                                $placed->at->xMm +
                                $placed->tile->part->xMm,
                        );
                    }
                }
            }
        }
        // Each join is ticked above and below by both of its neighbours.
        self::assertSame([4], array_values(array_unique(array_count_values($places))));
    }

    public function testSmallPartsShareASheet(): void
    {
        // Hardly wider than a sheet, and three high: three full parts, and three slivers on a fourth sheet.
        $tiling = self::tiling(Size::mm(330.0, 1300.0));
        self::assertNotNull($tiling);
        self::assertSame([6, 4], [count($tiling->tiles), count($tiling->sheets)]);
    }

    public function testNoJoinRunsThroughWhatStaysWhole(): void
    {
        $face = Rect::mm(300.0, 380.0, 120.0, 110.0);
        $tiling = self::tiling(Size::mm(714.0, 874.0), whole: [$face]);
        self::assertNotNull($tiling);
        self::assertFalse($tiling->through);
        self::assertNotSame(
            [],
            array_filter($tiling->tiles, static fn(Tile $tile): bool => $face->within($tile->part)),
            'one part has all of it',
        );
    }

    public function testWhatIsLargerThanASheetCannotStayWhole(): void
    {
        self::assertTrue(self::tiling(Size::mm(714.0, 874.0), whole: [Rect::mm(10.0, 10.0, 690.0, 850.0)])?->through);
    }

    public function testAnOverlapAsWideAsTheSheetIsNone(): void
    {
        self::assertNull(self::tiling(Size::mm(714.0, 874.0), 330.0));
    }

    /**
     * The joins cost no more than the best of all there are: every way is tried here, in steps of 6 mm, which the
     * search's own steps of 2 mm hold.
     */
    #[DataProvider('lengths')]
    public function testJoinsLieWhereTheyCostLeast(int $seed): void
    {
        $random = new Randomizer(new Mt19937($seed));
        $busy = array_map(static fn(): float => $random->getInt(0, 100) / 100.0, range(0, 59));
        $at = static fn(float $from, float $to): float => max([
            0.0,
            ...array_slice(
                $busy,
                max(0, (int) floor($from / 5.0)),
                max(1, (int) ceil($to / 5.0) - max(0, (int) floor($from / 5.0))),
            ),
        ]);
        [$length, $longest, $overlap] = [300.0, 120.0, 4.0];
        $found = Joins::into(4, $length, $longest, $overlap, [], $at);
        self::assertNotNull($found);
        $cost = static function (array $joins) use ($at): float {
            $sum = 0.0;
            foreach ($joins as $x) {
                self::assertIsFloat($x);
                $sum += $at($x - 2.0, $x + 2.0);
            }

            return $sum;
        };
        $least = \INF;
        for ($a = 6.0; $a < $length; $a += 6.0) {
            for ($b = $a + 6.0; $b < $length; $b += 6.0) {
                for ($c = $b + 6.0; $c < $length; $c += 6.0) {
                    if (max($a + 2.0, $b - $a + 4.0, $c - $b + 4.0, $length - $c + 2.0) <= $longest) {
                        $least = min($least, $cost([$a, $b, $c]));
                    }
                }
            }
        }
        foreach ($found->parts($length, $overlap) as [$from, $to]) {
            self::assertLessThanOrEqual($longest + 1e-9, $to - $from);
        }
        // A little is paid for uneven parts: three joins at most 0.05 each.
        self::assertLessThanOrEqual($least + 0.15, $cost($found->at));
    }

    /** @return iterable<string, array{int}> */
    public static function lengths(): iterable
    {
        foreach ([1, 2, 3, 4, 5, 6] as $seed) {
            yield 'seed ' . $seed => [$seed];
        }
    }

    /** Counted by laying parts end to end until the length is covered. */
    #[DataProvider('lengths')]
    public function testTheFewestPartsAreCounted(int $seed): void
    {
        $random = new Randomizer(new Mt19937($seed));
        [$length, $longest, $overlap] = [
            $random->getInt(50, 3000) / 1.0,
            $random->getInt(40, 400) / 1.0,
            $random->getInt(1, 20) / 1.0,
        ];
        $parts = 1;
        for ($covered = $longest; $covered < $length; $covered += $longest - $overlap) {
            ++$parts;
        }
        self::assertSame($parts, Joins::fewest($length, $longest, $overlap));
        self::assertNotNull(Joins::into($parts, $length, $longest, $overlap, [], static fn(): float => 0.0));
        self::assertNull(
            $parts > 1 ? Joins::into($parts - 1, $length, $longest, $overlap, [], static fn(): float => 0.0) : null,
        );
    }

    public function testEverySheetSaysWhichPartItIs(): void
    {
        $words = array_merge(
            ...array_map(
                static fn($sheet): array => array_map(static fn(SheetMark $mark): string => $mark->text, $sheet->marks),
                self::tiling(Size::mm(714.0, 874.0))->sheets ?? [],
            ),
        );
        self::assertNotSame([], preg_grep('/part 2·2/', $words));
    }
}
