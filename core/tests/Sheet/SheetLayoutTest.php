<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Sheet;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Wubbin\Core\Measure\Length;
use Wubbin\Core\Measure\PaperSize;
use Wubbin\Core\Measure\Rect;
use Wubbin\Core\Measure\Size;
use Wubbin\Core\Sheet\MarkKind;
use Wubbin\Core\Sheet\SheetLayout;
use Wubbin\Core\Sheet\SheetMark;

final class SheetLayoutTest extends TestCase
{
    /** @return iterable<string, array{Size, PaperSize}> */
    public static function pictures(): iterable
    {
        yield 'small' => [Size::mm(50.0, 40.0), PaperSize::A4];
        yield 'chest picture, lying' => [Size::mm(240.0, 170.0), PaperSize::A4];
        yield 'upright' => [Size::mm(170.0, 240.0), PaperSize::A4];
        yield 'banner' => [Size::mm(260.0, 30.0), PaperSize::Letter];
        yield 'sliver' => [Size::mm(5.0, 200.0), PaperSize::A4];
        yield 'almost the whole sheet' => [Size::mm(194.0, 266.0), PaperSize::A4];
    }

    #[DataProvider('pictures')]
    public function testEverythingIsPrintableAndMarksLeaveThePictureAlone(Size $picture, PaperSize $paper): void
    {
        $sheet = self::fit($picture, $paper);
        self::assertNotNull($sheet);
        self::assertSame($picture, $sheet->picture->size, 'true size');
        self::assertTrue($sheet->picture->grown(3.0)->within($sheet->printable));
        self::assertSame($paper->size()->areaMm2(), $sheet->page->areaMm2());
        foreach ($sheet->marks as $mark) {
            self::assertTrue($mark->rect->within($sheet->printable), $mark->kind->value . ' is printable');
            if (MarkKind::TrimLine !== $mark->kind) {
                self::assertFalse(
                    self::overlap($mark->rect, $sheet->picture->grown(3.0)),
                    $mark->kind->value . ' keeps off the picture',
                );
            }
        }
    }

    #[DataProvider('pictures')]
    public function testTheMarksThatMustBeThere(Size $picture, PaperSize $paper): void
    {
        $marks = self::fit($picture, $paper)->marks ?? [];
        $of = static fn(MarkKind $kind): array => array_values(
            array_filter($marks, static fn(SheetMark $m): bool => $m->kind === $kind),
        );
        self::assertCount(1, $of(MarkKind::TrimLine));
        self::assertCount(1, $of(MarkKind::ThisWayUp));
        $bar = $of(MarkKind::CheckBar)[0]->rect->size;
        self::assertSame(100.0, max($bar->widthMm, $bar->heightMm));
        self::assertContains('Crew', array_map(static fn(SheetMark $m): string => $m->text, $of(MarkKind::Text)));
    }

    #[DataProvider('pictures')]
    public function testBarsOf100MmRunInBothDirectionsWhereThePictureLeavesRoom(Size $picture, PaperSize $paper): void
    {
        $bars = array_values(
            array_filter(
                self::fit($picture, $paper)->marks ?? [],
                static fn(SheetMark $m): bool => MarkKind::CheckBar === $m->kind,
            ),
        );
        $full = $picture->areaMm2() > 50000.0;
        self::assertCount($full ? 1 : 2, $bars);
        foreach ($bars as $bar) {
            self::assertSame(100.0, $bar->turned ? $bar->rect->size->heightMm : $bar->rect->size->widthMm);
        }
        self::assertTrue($full || $bars[0]->turned !== $bars[1]->turned);
    }

    /** A small one lies in the corner, so that one offcut is left and not two; a wide one in the middle. */
    public function testASmallPictureLiesWhereItWastesLeast(): void
    {
        $small = self::fit(Size::mm(50.0, 40.0), PaperSize::A4);
        self::assertNotNull($small);
        self::assertSame($small->printable->xMm, $small->cut->xMm);
        self::assertSame($small->printable->yMm, $small->cut->yMm);
        $wide = self::fit(Size::mm(150.0, 40.0), PaperSize::A4);
        self::assertNotNull($wide);
        self::assertEqualsWithDelta(105.0, $wide->cut->xMm + $wide->cut->size->widthMm / 2.0, 6.0);
    }

    /** Off the tape of a carrier: moved, not only told of. */
    public function testASmallPictureLiesClearOfTheTape(): void
    {
        $edges = [
            Rect::mm(0.0, 0.0, 210.0, 12.0),
            Rect::mm(0.0, 285.0, 210.0, 12.0),
            Rect::mm(0.0, 12.0, 12.0, 273.0),
            Rect::mm(198.0, 12.0, 12.0, 273.0),
        ];
        foreach ([Size::mm(50.0, 40.0), Size::mm(120.0, 90.0), Size::mm(170.0, 200.0)] as $picture) {
            $sheet = SheetLayout::fit(
                $picture,
                PaperSize::A4->size(),
                5.0,
                Length::mm(3.0),
                true,
                'Crew',
                zones: $edges,
            );
            self::assertNotNull($sheet);
            foreach ($edges as $zone) {
                self::assertNull($sheet->cut->overlap($zone));
            }
        }
    }

    public function testAPictureMakesRoomForTheSecondBarWhereItCan(): void
    {
        // 190 mm and its trim are 196 of 200: in the middle they would lie on the bar, and 4 mm are too few beside it.
        $wide = self::fit(Size::mm(186.0, 240.0), PaperSize::A4);
        self::assertNotNull($wide);
        $bars = array_values(
            array_filter($wide->marks, static fn(SheetMark $m): bool => MarkKind::CheckBar === $m->kind),
        );
        self::assertCount(2, $bars);
        self::assertLessThan(105.0, $wide->picture->xMm + 93.0, 'moved to the left');
        self::assertGreaterThanOrEqual($wide->cut->right(), $bars[1]->rect->xMm);
    }

    public function testDotsForACutterStandAtBothEndsOfTheStrip(): void
    {
        $dots = array_values(
            array_filter(
                self::fit(Size::mm(100.0, 100.0), PaperSize::A4)->marks ?? [],
                static fn(SheetMark $m): bool => MarkKind::Registration === $m->kind,
            ),
        );
        self::assertCount(2, $dots);
        self::assertGreaterThan(180.0, abs($dots[0]->rect->xMm - $dots[1]->rect->xMm));
    }

    public function testAnOffcutTooShortForTheBarHasNone(): void
    {
        $kinds = static fn(float $wide): array => array_map(
            static fn(SheetMark $m): string => $m->kind->value,
            SheetLayout::strip(Rect::mm(5.0, 5.0, $wide, 90.0), false, 'Crew'),
        );
        self::assertContains('check-bar', $kinds(160.0));
        self::assertNotContains('check-bar', $kinds(120.0));
    }

    public function testMarksDoNotCoverEachOther(): void
    {
        $marks = self::fit(Size::mm(100.0, 100.0), PaperSize::A4)->marks ?? [];
        foreach ($marks as $i => $one) {
            foreach (array_slice($marks, $i + 1) as $other) {
                self::assertFalse(
                    self::overlap($one->rect, $other->rect),
                    $one->kind->value . ' and ' . $other->kind->value,
                );
            }
        }
    }

    public function testWhatIsTooLargeFindsNoSheetAndTheWidestIsTheLimit(): void
    {
        self::assertNull(self::fit(Size::mm(300.0, 240.0), PaperSize::A4));
        foreach ([0.2, 0.75, 1.0, 1.263, 5.0] as $aspect) {
            $widest = SheetLayout::widest($aspect, PaperSize::A4->size(), 5.0, Length::mm(3.0));
            self::assertNotNull(self::fit(Size::mm($widest, $widest / $aspect), PaperSize::A4), 'the widest fits');
            self::assertNull(
                self::fit(Size::mm($widest * 1.01, ($widest * 1.01) / $aspect), PaperSize::A4),
                'one per cent more does not',
            );
        }
    }

    private static function fit(Size $picture, PaperSize $paper): ?SheetLayout
    {
        return SheetLayout::fit($picture, $paper->size(), 5.0, Length::mm(3.0), true, 'Crew');
    }

    private static function overlap(Rect $a, Rect $b): bool
    {
        return $a->xMm < $b->right() && $b->xMm < $a->right() && $a->yMm < $b->bottom() && $b->yMm < $a->bottom();
    }
}
